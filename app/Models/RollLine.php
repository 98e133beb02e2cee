<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\RollLineRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * One line of a record, as written.
 *
 * @property string $record_id
 * @property int $position
 * @property string $role
 * @property string $name_typed
 * @property string $search
 * @property array<string, string> $columns
 * @property array<string, mixed>|null $slip
 * @property int|null $day_lo
 * @property int|null $day_hi
 */
#[DescribedBy(RollLineRow::class)]
#[Column('search', isSafe: true)]
final class RollLine extends TreeModel
{
    protected $table = 'roll_lines';

    protected function casts(): array
    {
        return [...parent::casts(), 'columns' => 'array', 'slip' => 'array'];
    }

    public static function dependents(): array
    {
        return [[Placing::class, 'roll_line_id'], [Question::class, 'roll_line_id'], [Claim::class, 'roll_line_id'],
            [Claim::class, 'other_line_id']];
    }
}
