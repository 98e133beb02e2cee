<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\PlacingRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * Whom a line of a record is, was thought or is refused to be.
 *
 * @property string $roll_line_id
 * @property string|null $person_id
 * @property string|null $question_id
 * @property string $state
 * @property string $reason
 * @property string|null $entered_for
 */
#[DescribedBy(PlacingRow::class)]
#[Column('question_id', isSafe: true)]
#[Column('entered_for', isSafe: true)]
final class Placing extends TreeModel
{
    protected $table = 'placings';

    public static function dependents(): array
    {
        return [[RestsOn::class, 'deciding_placing_id'], [RestsOn::class, 'placing_id']];
    }
}
