<?php

declare(strict_types=1);

namespace App\Models;

/**
 * What was ruled on a pair that may be double.
 *
 * @property string $rule
 * @property list<string> $subjects
 * @property string $read_hash
 * @property string $ruling
 * @property string $reason
 */
final class PairRuling extends TreeModel
{
    protected $table = 'pair_rulings';

    protected function casts(): array
    {
        return [...parent::casts(), 'subjects' => 'array'];
    }
}
