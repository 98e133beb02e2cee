<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Stored\Column;

/**
 * What was ruled on a pair that may be double.
 *
 * @property string $rule
 * @property list<string> $subjects
 * @property string $read_hash
 * @property string $ruling
 * @property string $reason
 */
#[Column('rule', isSafe: true)]
#[Column('subjects')]
#[Column('read_hash', isSafe: true)]
#[Column('ruling')]
#[Column('reason', 'reason')]
final class PairRuling extends TreeModel
{
    protected $table = 'pair_rulings';

    protected function casts(): array
    {
        return [...parent::casts(), 'subjects' => 'array'];
    }
}
