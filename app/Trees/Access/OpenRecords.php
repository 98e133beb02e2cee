<?php

declare(strict_types=1);

namespace App\Trees\Access;

use App\Models\Event;
use App\Models\Media;
use App\Models\MediaLink;
use App\Models\Record;
use App\Models\Region;
use App\Models\UnionPartner;
use App\Refusal;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;
use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Tree\Restriction;

/**
 * Which records, and which pictures of them, a reader may see from whom living people are withheld: those so old that
 * nobody whom they can name counts as living. What has no day is withheld.
 */
final readonly class OpenRecords
{
    /** @param  bool  $isForFiles  whether they leave with a file from which the living are withheld, whoever asks for it */
    public function __construct(private CurrentTree $current, private LivingPeople $living, private bool $isForFiles = false)
    {
    }

    /** The same for a file from which the living are withheld. */
    public function leaving(): self
    {
        return new self($this->current, $this->living, true);
    }

    private function seesLiving(): bool
    {
        return ! $this->isForFiles && $this->current->seesLiving();
    }

    public function isOpen(Record $record): bool
    {
        return $this->isOldEnough($record->date);
    }

    /** @throws Refusal where whoever asks may not see it */
    public function refuseClosed(Record $record): void
    {
        if (! $this->isOpen($record)) {
            throw new Refusal('This record may name living people, and the owner has not opened them to readers.', 403);
        }
    }

    /** Whether a record of this date may be seen by whoever asks. */
    public function isOldEnough(GenDate $date): bool
    {
        if ($this->seesLiving()) {
            return true;
        }
        $latest = $date->span()?->latest;
        $now = Carbon::now();

        return $latest !== null && $latest < Calendars::gregorian()
            ->toDay($now->year - $this->current->get()->dead_years_after_birth, $now->month, min(28, $now->day));
    }

    public function isPictureOpen(Media $media): bool
    {
        return $this->openPictures(new Collection([$media]))->isNotEmpty();
    }

    /**
     * Those that whoever asks may see: a picture is as open as all that it is on. However many are asked for, it takes
     * the same few queries.
     *
     * @param  Collection<int, Media>  $media
     * @return Collection<int, Media>
     */
    public function openPictures(Collection $media): Collection
    {
        if ($this->seesLiving() || $media->isEmpty()) {
            return $media;
        }
        $links = MediaLink::query()->whereIn('media_id', $media->pluck('id'))->get();
        $records = Record::query()->whereIn('id', $links->pluck('record_id')->filter()->unique())->get()->keyBy('id');
        $events = Event::query()->whereIn('id', $links->pluck('event_id')->filter()->unique())
            ->get(['id', 'tree_id', 'person_id', 'union_id'])->keyBy('id');
        $partners = UnionPartner::query()->whereIn('union_id', $events->pluck('union_id')->filter())
            ->get(['id', 'tree_id', 'union_id', 'person_id'])->groupBy('union_id');
        $regions = Region::query()->whereIn('media_id', $media->pluck('id'))->whereNotNull('person_id')
            ->get(['id', 'tree_id', 'media_id', 'person_id']);
        $people = [...$links->pluck('person_id'), ...$events->pluck('person_id'), ...$partners->flatten()->pluck('person_id'),
            ...$regions->pluck('person_id')];
        $living = array_fill_keys($this->living->among(array_values(array_unique(array_filter($people)))), true);
        $isClosed = function (MediaLink $link) use ($records, $events, $partners, $living): bool {
            $event = $events->get($link->event_id);
            $record = $records->get($link->record_id);
            $on = [$link->person_id, $event?->person_id, ...($partners->get($event?->union_id) ?? collect())->pluck('person_id')];

            return match (true) {
                $link->record_id !== null => $record === null || ! $this->isOpen($record),
                default => $link->person_id === null && $link->event_id === null && $link->place_id === null,
            } || array_intersect_key($living, array_flip(array_filter($on))) !== [];
        };
        $closed = $links->filter($isClosed)->pluck('media_id')
            ->merge($regions->filter(static fn (Region $region): bool => isset($living[$region->person_id]))->pluck('media_id'))->flip();
        $linked = $links->pluck('media_id')->flip();

        return $media->filter(static fn (Media $file): bool => $linked->has($file->id) && ! $closed->has($file->id)
            && ! Restriction::fromStandard($file->restriction)->withholds());
    }
}
