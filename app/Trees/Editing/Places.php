<?php

declare(strict_types=1);

namespace App\Trees\Editing;

use App\Models\Event;
use App\Models\Place;
use App\Models\PlaceWording;
use App\Models\Record;
use App\Models\Series;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Dating\SourceDates;
use App\Trees\Places\FactsAtPlaces;
use App\Trees\Places\Gazetteers;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Place\PlacePath;
use NorthBough\Core\Place\PlaceResolver;
use NorthBough\Core\Place\ValidPeriod;
use NorthBough\Core\Place\ValidPeriodProblem;

/**
 * The gazetteer and the words that stand for its places. Words are never replaced, and no place is made of them unless
 * somebody says so; where they can mean one place only, that is noted. Called inside an open change set.
 */
final readonly class Places
{
    public function __construct(private Gazetteers $gazetteers, private FactsAtPlaces $facts, private SourceDates $dates)
    {
    }

    /**
     * Notes which place the words stand for, if they can mean one only and nothing is said of them yet.
     *
     * @return string|null the place that they stand for; null while that is open
     */
    public function understand(string $typed, ?DaySpan $when): ?string
    {
        $meant = $this->gazetteers->meant($typed, $when);
        if ($meant !== null && $this->gazetteers->standing($typed) === null) {
            PlaceWording::query()->create(['typed' => $typed, 'place_id' => $meant]);
        }

        return $meant;
    }

    /** Says that words stand for a place, wherever they are typed and nothing else is said of the one fact. */
    public function settle(string $typed, Place $place): PlaceWording
    {
        $wording = PlaceWording::query()->whereRaw('md5(typed) = md5(?)', [$typed])->first();
        if ($wording === null) {
            $wording = PlaceWording::query()->create(['typed' => $typed, 'place_id' => $place->id]);
        } else {
            $wording->fill(['place_id' => $place->id])->save();
        }
        $this->dates->readAgain(Event::query()->where('place_typed', $typed));

        return $wording;
    }

    /**
     * Makes the places that words name, each inside the next, as far as the gazetteer has them not; and says that they
     * stand for the first.
     */
    public function takeIn(string $typed): Place
    {
        $names = PlacePath::parse($typed)->names;
        if ($names === []) {
            throw new Refusal('There is no name in these words.');
        }
        $place = null;
        for ($index = 0; $index < count($names) && $place === null; $index++) {
            $rest = implode(', ', array_slice($names, $index));
            $reading = (new PlaceResolver($this->gazetteers->bearing($rest)))->read($rest);
            if ($reading->standard !== null && $reading->within === []) {
                $place = Place::query()->findOrFail($reading->standard->id);
            }
        }
        // What stands before the widest place that is known, or everything, from the widest inwards.
        foreach (array_reverse(array_slice($names, 0, $place === null ? count($names) : $index - 1)) as $name) {
            $place = $this->make($name, '', $place);
        }
        $this->settle($typed, $place ?? throw new Refusal('There is no name in these words.'));

        return $place;
    }

    public function make(string $name, string $kind, ?Place $inside): Place
    {
        $place = Place::query()
            ->create(['name' => trim($name), 'search' => SearchForm::of($name), 'kind' => trim($kind), 'inside_id' => $inside?->id]);
        $this->understandNew($place->name);

        return $place;
    }

    /** Looks again at words that stand for nothing yet, now that the gazetteer knows this name. */
    public function understandNew(string $name): void
    {
        $waiting = $this->facts->unsettled()->whereRaw("place_typed ILIKE '%' || ? || '%'", [addcslashes($name, '%_\\')])->limit(500)
            ->pluck('place_typed');
        foreach ($waiting as $typed) {
            $this->understand((string) $typed, null);
        }
    }

    /** @param  array<string, mixed>  $columns */
    public function change(Place $place, array $columns): void
    {
        $inside = $columns['inside_id'] ?? null;
        if (is_string($inside)) {
            $this->refuseLoop($place->id, $inside);
        }
        $before = $place->reckoning;
        $place->fill($columns)->save();
        if ($place->reckoning !== $before) {
            $this->dates->readAgain(Event::query()->whereIn('id', $this->facts->in($this->facts->inward($place->id))->select('events.id')));
        }
    }

    public function delete(Change $change, Place $place): void
    {
        foreach (Place::query()->where('inside_id', $place->id)->get() as $inner) {
            $inner->fill(['inside_id' => $place->inside_id])->save();
        }
        foreach ([Event::class, Record::class, Series::class] as $standing) {
            foreach ($standing::query()->where('place_id', $place->id)->get() as $row) {
                $row->fill(['place_id' => null])->save();
            }
        }
        $change->deleteWhole($place);
    }

    /**
     * Two dates as typed, either of them empty, in the columns of what is said of a place for a time.
     *
     * @return array{from_typed: string, to_typed: string, from_day: int|null, to_day: int|null}
     *
     * @throws Refusal when a date is not understood, or it ends before it begins
     */
    public static function tenure(string $from, string $to): array
    {
        try {
            $tenure = ValidPeriod::typed($from, $to);
        } catch (ValidPeriodProblem $problem) {
            throw new Refusal($problem->getMessage());
        }

        return ['from_typed' => trim($from), 'to_typed' => trim($to), 'from_day' => $tenure->from, 'to_day' => $tenure->to];
    }

    /** A place cannot lie in itself, nor in what lies in it. */
    public function refuseLoop(string $placeId, string $insideId): void
    {
        $around = array_column($this->gazetteers->of([$insideId])->around($insideId), 'id');
        if ($insideId === $placeId || in_array($placeId, $around, true)) {
            throw new Refusal('Then it would lie in itself. Take the other one out of it first.');
        }
    }
}
