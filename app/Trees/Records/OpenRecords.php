<?php

declare(strict_types=1);

namespace App\Trees\Records;

use App\Models\Event;
use App\Models\Media;
use App\Models\MediaLink;
use App\Models\Record;
use App\Models\Region;
use App\Models\UnionPartner;
use App\Trees\CurrentTree;
use App\Trees\Living;
use Illuminate\Support\Carbon;
use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\GenDate;

/**
 * Which records, and which pictures of them, a reader may see from whom living people are withheld: those so old that
 * nobody whom they can name counts as living. What has no day is withheld.
 */
final readonly class OpenRecords
{
    public function __construct(private CurrentTree $current, private Living $living)
    {
    }

    public function isOpen(Record $record): bool
    {
        return $this->isOldEnough($record->date);
    }

    /** Whether a record of this date may be seen by whoever asks. */
    public function isOldEnough(GenDate $date): bool
    {
        if ($this->current->seesLiving()) {
            return true;
        }
        $latest = $date->span()?->latest;
        $now = Carbon::now();

        return $latest !== null && $latest < Calendars::gregorian()->toDay($now->year - $this->current->get()->dead_years_after_birth, $now->month, min(28, $now->day));
    }

    /** A picture is as open as all that it is on. */
    public function isPictureOpen(Media $media): bool
    {
        if ($this->current->seesLiving()) {
            return true;
        }
        $links = MediaLink::query()->where('media_id', $media->id)->get();
        foreach ($links as $link) {
            $record = $link->record_id === null ? null : Record::query()->where('id', $link->record_id)->first();
            if ($record === null ? $link->person_id === null && $link->event_id === null && $link->place_id === null : ! $this->isOpen($record)) {
                return false;
            }
        }
        $events = Event::query()->whereIn('id', $links->pluck('event_id')->filter())->get();
        $partners = UnionPartner::query()->whereIn('union_id', $events->pluck('union_id')->filter())->pluck('person_id');
        $people = [...$links->pluck('person_id'), ...$events->pluck('person_id'), ...$partners, ...Region::query()->where('media_id', $media->id)->pluck('person_id')];

        return $links->isNotEmpty() && $this->living->among(array_values(array_filter($people))) === [];
    }
}
