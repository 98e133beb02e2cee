<?php

declare(strict_types=1);

namespace App\Http\Interpretation;

use App\Http\Api\Get;
use App\Http\Interpretation\Resources\DateResource;
use App\Http\Interpretation\Resources\EntryEventResource;
use App\Http\Interpretation\Resources\EntryReading;
use App\Http\Interpretation\Resources\PlaceOfferResource;
use App\Http\Interpretation\Resources\PlaceResolutionResource;
use App\Http\Interpretation\Resources\SuggestionList;
use App\Http\People\FactResources;
use App\Trees\Places\Gazetteers;
use App\Trees\Scope\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Chrono\DateSum;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Entry\OneLineEntry;
use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Place\Gazetteer;
use NorthBough\Core\Place\Place;
use NorthBough\Core\Place\PlaceResolver;

/** What is understood of words while they are being typed. */
final readonly class InterpretationController
{
    private const SUGGESTED = 10;

    public function __construct(private CurrentTree $current, private Gazetteers $gazetteers)
    {
    }

    /** As the place wrote its dates where one is named, else as the tree says. */
    #[Get('/trees/{tree}/reading/date', 'readDate', DateResource::class, query: ['text', 'place'])]
    public function date(Request $request): JsonResponse
    {
        $text = mb_substr($request->string('text')->toString(), 0, 200);
        $place = $this->understood(mb_substr($request->string('place')->toString(), 0, 500), $text)[0];

        return response()->json(FactResources::date(GenDate::parse($text, $this->gazetteers->datingConvention($place?->id))));
    }

    /** A sum with dates: how long, which day, which day of the week. */
    #[Get('/trees/{tree}/reading/sum', 'readSum', SuggestionList::class, query: ['text'])]
    public function sum(Request $request): JsonResponse
    {
        return response()
            ->json(new SuggestionList(
                DateSum::read(mb_substr($request->string('text')->toString(), 0, 200), $this->gazetteers->datingConvention(null))));
    }

    /** A line of the one-line entry; its dates as their places wrote them. */
    #[Get('/trees/{tree}/reading/entry', 'readEntry', EntryReading::class, query: ['line'])]
    public function entry(Request $request): JsonResponse
    {
        $entry = OneLineEntry::parse(mb_substr($request->string('line')->toString(), 0, 1000));
        $events = [];
        foreach ($entry->events as $kind => $event) {
            $place = $event->place === '' ? null : $this->understood($event->place, $event->date->typed)[0];
            $date = GenDate::parse($event->date->typed, $this->gazetteers->datingConvention($place?->id));
            $events[] = new EntryEventResource($kind, FactResources::date($date), $event->place);
        }

        return response()->json(new EntryReading(
            $entry->name->isEmpty() ? '' : $entry->name->shown(), $entry->name->given,
            trim($entry->name->surnamePrefix.' '.$entry->name->surname), $entry->sex->word(), $events,
        ));
    }

    /** What the words of a place stand for on a day, and what else they might. */
    #[Get('/trees/{tree}/reading/place', 'readPlace', PlaceResolutionResource::class, query: ['text', 'date', 'chosen'])]
    public function place(Request $request): JsonResponse
    {
        $text = mb_substr($request->string('text')->trim()->toString(), 0, 500);
        $date = mb_substr($request->string('date')->toString(), 0, 200);
        [$place, $within, $offers, $gazetteer] = $this->understood($text, $date, $request->string('chosen')->toString());
        $when = GenDate::parse($date)->span();
        $path = static fn (Place $place): string => implode(', ', $gazetteer->path($place->id, $when));

        return response()->json(new PlaceResolutionResource(
            $place?->id, $place === null ? '' : $path($place), $place === null ? '' : $gazetteer->churchOf($place->id, $when)->name ?? '',
            match (true) {
                $text === '' => '',
                $place !== null => $path($place).($within === [] ? '' : '; “'.implode(', ', $within).'” is kept'),
                $offers !== [] => 'Which one? '.implode(' or ', array_map($path, array_slice($offers, 0, 3))),
                default => 'saved as typed; not linked to a place yet',
            },
            array_map(static fn (Place $offer): PlaceOfferResource => new PlaceOfferResource($offer->id, $path($offer)),
                array_slice($offers, 0, 8)),
        ));
    }

    /** Words for a place that begin so: wordings used before, those used most first, then places of the gazetteer with what they lie in. */
    #[Get('/trees/{tree}/reading/places', 'suggestPlaces', SuggestionList::class, query: ['q'])]
    public function places(Request $request): JsonResponse
    {
        $search = SearchForm::of($request->string('q')->toString());
        if (mb_strlen($search) < 2) {
            return response()->json(new SuggestionList([]));
        }
        $like = addcslashes($search, '%_\\').'%';
        $tree = $this->current->id();
        /** @var list<string> $ids */
        $ids = DB::table('places')->where('tree_id', $tree)->where('search', 'like', $like)->select('id')
            ->union(DB::table('place_names')->where('tree_id', $tree)->where('search', 'like', $like)->select('place_id'))
            ->limit(self::SUGGESTED)->pluck('id')->values()->all();
        $gazetteer = $this->gazetteers->of($ids);
        $paths = array_map(static fn (string $id): string => implode(', ', $gazetteer->path($id)), $ids);
        if (! $this->current->seesLiving()) {
            // Where the living are stands in the words of facts.
            return response()->json(new SuggestionList($paths));
        }
        $begins = addcslashes(mb_strtolower(mb_substr($request->string('q')->trim()->toString(), 0, 60)), '%_\\').'%';
        $typed = DB::table('events')->where('tree_id', $tree)->where('place_typed', '!=', '')
            ->whereRaw('lower(left(place_typed, 60)) LIKE ?', [$begins])
            ->groupBy('place_typed')->orderByRaw('count(*) DESC, place_typed')->limit(self::SUGGESTED)->pluck('place_typed')->all();

        return response()->json(new SuggestionList(array_slice(array_values(array_unique([...$typed, ...$paths])), 0, self::SUGGESTED)));
    }

    /**
     * @return array{Place|null, list<string>, list<Place>, Gazetteer} the place, the words within it, what else it might
     *     be, and the places around
     */
    private function understood(string $text, string $date, string $chosen = ''): array
    {
        $standing = preg_match('/^[0-9a-f-]{36}$/i', $chosen) === 1 ? $chosen : $this->gazetteers->standing($text);
        $gazetteer = $standing === null ? $this->gazetteers->bearing($text) : $this->gazetteers->of([$standing]);
        $reading = (new PlaceResolver($gazetteer))->read($text, GenDate::parse($date)->span());

        return [$standing === null ? $reading->standard : $gazetteer->place($standing), $reading->within, $reading->offers, $gazetteer];
    }
}
