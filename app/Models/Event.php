<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\DateColumns;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Gedcom\Row\EventRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;
use NorthBough\Core\Tree\EventKinds;

/**
 * @property string|null $person_id
 * @property string|null $union_id
 * @property string $kind
 * @property string $type_words
 * @property string $value
 * @property GenDate $date
 * @property string $date_typed
 * @property string $place_typed
 * @property string|null $place_id
 * @property bool $denied
 * @property string $standing
 * @property int $position
 */
#[DescribedBy(EventRow::class)]
#[Column('place_id', isSafe: true)]
#[Column('position', isSafe: true)]
#[Column('entered_for', isSafe: true)]
final class Event extends TreeModel
{
    protected $table = 'events';

    protected function casts(): array
    {
        return [...parent::casts(), 'date' => DateColumns::class];
    }

    /** What it is, when and where, as a sentence goes on with it: birth 3 May 1818, Hask. */
    public function inWords(): string
    {
        return trim(mb_strtolower(EventKinds::named($this->kind)->word).' '.trim("{$this->date->shown}, {$this->place_typed}", ', '));
    }

    public static function dependents(): array
    {
        return [[Claim::class, 'event_id'], [Note::class, 'event_id'], [Kept::class, 'event_id'], [EventRole::class, 'event_id'],
            [GroupMember::class, 'event_id'], [Marking::class, 'event_id'], [MediaLink::class, 'event_id'], [ClaimUse::class, 'event_id'],
            [RestsOn::class, 'deciding_event_id'], [Task::class, 'event_id']];
    }
}
