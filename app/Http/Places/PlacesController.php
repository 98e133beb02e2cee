<?php

declare(strict_types=1);

namespace App\Http\Places;

use App\Http\Api\Get;
use App\Http\Resources\PlaceResource;
use App\Http\Resources\PlacesPage;
use App\Trees\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Naming\SearchForm;
use stdClass;

final readonly class PlacesController
{
    private const MOST = 500;

    public function __construct(private CurrentTree $current)
    {
    }

    /** The gazetteer: each place with what it lies in and how many facts happened there. */
    #[Get('/trees/{tree}/places', 'places', PlacesPage::class, query: ['q'])]
    public function index(Request $request): JsonResponse
    {
        $query = DB::table('places')->where('places.tree_id', $this->current->id());
        $total = (clone $query)->count();
        $search = SearchForm::of($request->string('q')->toString());
        if ($search !== '') {
            $query->where('places.search', 'like', '%'.addcslashes($search, '%_\\').'%');
        }
        $shown = (clone $query)->count();
        $rows = $query
            ->leftJoin('places AS outer', static fn ($join) => $join->on('outer.tree_id', 'places.tree_id')->on('outer.id', 'places.inside_id'))
            ->leftJoin('events', static fn ($join) => $join->on('events.tree_id', 'places.tree_id')->on('events.place_id', 'places.id'))
            ->groupBy('places.id', 'places.name', 'places.search', 'outer.name')
            ->orderBy('places.search')->orderBy('places.id')->limit(self::MOST)
            ->selectRaw('places.id, places.name, "outer".name AS inside, count(events.id) AS facts')->get();

        return response()->json(new PlacesPage(
            array_values($rows->map(static fn (stdClass $row): PlaceResource => new PlaceResource($row->id, $row->name, $row->inside ?? '', (int) $row->facts))->all()),
            $shown, $total,
        ));
    }
}
