<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A point for or against an answer.
 *
 * @property string $question_id
 * @property string|null $alternative_id
 * @property string|null $claim_id
 * @property bool $is_for
 * @property string $text
 * @property string $weight
 * @property int $position
 */
final class Point extends TreeModel
{
    protected $table = 'points';
}
