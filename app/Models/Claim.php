<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\ClaimRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * @property string $record_id
 * @property string|null $roll_line_id the line that makes it
 * @property string|null $other_line_id of a tie, the other line
 * @property string $aspect
 * @property array<string, string> $said rule and sum by which it followed from the words
 * @property string $words
 * @property string $quality
 * @property bool $taken_over
 * @property string $information
 * @property string $informant
 * @property string $informant_tie what the informant was to the event
 * @property string $evidence how it answers what it is cited for: direct, indirect or negative; unstated for as is proposed
 * @property string|null $leans_on_id the claim that it was copied from
 * @property string $reading sure or doubtful
 * @property string $origin what somebody said that it comes from
 * @property string $weight_said by which somebody overruled the rule; empty for none
 * @property string $weight_why
 * @property string $withdrawn why it counts no longer; empty while it does
 * @property string|null $person_id
 * @property string|null $name_id
 * @property string|null $event_id
 * @property string|null $union_id
 */
#[DescribedBy(ClaimRow::class)]
#[Column('taken_over', isSafe: true)]
#[Column('roll_line_id', isSafe: true)]
#[Column('informant_id', isSafe: true)]
#[Column('aspect', isSafe: true)]
#[Column('is_absence', isSafe: true)]
#[Column('said')]
#[Column('other_line_id', isSafe: true)]
final class Claim extends TreeModel
{
    protected $table = 'claims';

    protected function casts(): array
    {
        return [...parent::casts(), 'said' => 'array'];
    }

    public static function nullOnDelete(): array
    {
        return [[self::class, 'leans_on_id']];
    }

    public static function dependents(): array
    {
        return [[Kept::class, 'claim_id'], [ClaimUse::class, 'claim_id'], [Point::class, 'claim_id'], [RestsOn::class, 'claim_id']];
    }
}
