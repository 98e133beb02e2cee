<?php

declare(strict_types=1);

namespace App\Http\Reading;

use App\Http\Api\Get;
use App\Http\People\FactResources;
use App\Http\Resources\DateResource;
use App\Http\Resources\EntryEventResource;
use App\Http\Resources\EntryReading;
use App\Http\Resources\SuggestionList;
use App\Trees\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Entry\OneLineEntry;
use NorthBough\Core\Naming\SearchForm;

/** What is understood of words while they are being typed. */
final readonly class ReadingController
{
    public function __construct(private CurrentTree $current)
    {
    }

    #[Get('/reading/date', 'readDate', DateResource::class, query: ['text'])]
    public function date(Request $request): JsonResponse
    {
        return response()->json(FactResources::date(GenDate::parse(mb_substr($request->string('text')->toString(), 0, 200))));
    }

    #[Get('/reading/entry', 'readEntry', EntryReading::class, query: ['line'])]
    public function entry(Request $request): JsonResponse
    {
        $entry = OneLineEntry::parse(mb_substr($request->string('line')->toString(), 0, 1000));
        $events = [];
        foreach ($entry->events as $kind => $event) {
            $events[] = new EntryEventResource($kind, FactResources::date($event->date), $event->place);
        }

        return response()->json(new EntryReading(
            $entry->name->isEmpty() ? '' : $entry->name->shown(), $entry->name->given,
            trim($entry->name->surnamePrefix.' '.$entry->name->surname), $entry->sex->word(), $events,
        ));
    }

    /** Places as they were typed before, those used most first. */
    #[Get('/trees/{tree}/reading/places', 'suggestPlaces', SuggestionList::class, query: ['q'])]
    public function places(Request $request): JsonResponse
    {
        $search = SearchForm::of($request->string('q')->toString());
        if (mb_strlen($search) < 2) {
            return response()->json(new SuggestionList([]));
        }
        $placeIds = DB::table('places')->where('tree_id', $this->current->id())->where('search', 'like', addcslashes($search, '%_\\').'%')->limit(50)->pluck('id');
        $typed = DB::table('events')->where('tree_id', $this->current->id())->whereIn('place_id', $placeIds)
            ->groupBy('place_typed')->orderByRaw('count(*) DESC, place_typed')->limit(8)->pluck('place_typed');

        return response()->json(new SuggestionList(array_values($typed->all())));
    }
}
