<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\PointRow;
use NorthBough\Core\Stored\DescribedBy;

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
#[DescribedBy(PointRow::class)]
final class Point extends TreeModel
{
    protected $table = 'points';
}
