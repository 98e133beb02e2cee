<?php

declare(strict_types=1);

namespace App\Http\Places;

use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Post;
use App\Http\Places\Inputs\PlaceLinkInput;
use App\Http\Places\Inputs\PlaceNameInput;
use App\Http\Tree\TreesController;
use App\Models\Place;
use App\Models\PlaceChurch;
use App\Models\PlaceInside;
use App\Models\PlaceName;
use App\Models\TreeModel;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Editing\Places;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use NorthBough\Core\Naming\SearchForm;

/** What is said of a place for a time: names, what it lay in, which church served it. */
final readonly class PlacePartsController
{
    public function __construct(private ChangeSets $changes, private Places $places)
    {
    }

    #[Post('/trees/{tree}/places/{place}/names', 'namePlace', CreatedResource::class, PlaceNameInput::class)]
    public function storeName(Request $request, string $tree, string $place): JsonResponse
    {
        $input = PlaceNameInput::from($request);

        return $this->add($request, $place, 'Gave another name to', fn (Place $row): TreeModel => tap(PlaceName::query()->create([
            'place_id' => $row->id, 'name' => trim($input->name), 'search' => SearchForm::of($input->name),
            'language' => trim($input->language),
            'position' => 1 + (int) PlaceName::query()->where('place_id', $row->id)->max('position'),
            ...Places::tenure($input->from, $input->to),
        ]), fn () => $this->places->understandNew($input->name)));
    }

    #[Post('/trees/{tree}/places/{place}/insides', 'putPlaceInside', CreatedResource::class, PlaceLinkInput::class)]
    public function storeInside(Request $request, string $tree, string $place): JsonResponse
    {
        $input = PlaceLinkInput::from($request);
        $outer = Place::query()->findOrFail($input->placeId);
        $this->places->refuseLoop($place, $outer->id);

        return $this->add($request, $place, "Put into {$outer->name}, for a time,",
            static fn (Place $row): TreeModel => PlaceInside::query()->create([
                'place_id' => $row->id, 'inside_id' => $outer->id, ...Places::tenure($input->from, $input->to),
            ]));
    }

    #[Post('/trees/{tree}/places/{place}/churches', 'sayChurch', CreatedResource::class, PlaceLinkInput::class)]
    public function storeChurch(Request $request, string $tree, string $place): JsonResponse
    {
        $input = PlaceLinkInput::from($request);
        $church = Place::query()->findOrFail($input->placeId);

        return $this->add($request, $place, "Said that {$church->name} served", static fn (Place $row): TreeModel => PlaceChurch::query()
            ->create([
                'place_id' => $row->id, 'church_id' => $church->id, ...Places::tenure($input->from, $input->to),
            ]));
    }

    #[Delete('/trees/{tree}/place-names/{placeName}', 'unnamePlace')]
    public function destroyName(Request $request, string $tree, string $placeName): Response
    {
        return $this->remove($request, PlaceName::query()->findOrFail($placeName), 'Took a name off a place');
    }

    #[Delete('/trees/{tree}/place-insides/{placeInside}', 'takePlaceOut')]
    public function destroyInside(Request $request, string $tree, string $placeInside): Response
    {
        return $this->remove($request, PlaceInside::query()->findOrFail($placeInside), 'Took a place out of another');
    }

    #[Delete('/trees/{tree}/place-churches/{placeChurch}', 'unsayChurch')]
    public function destroyChurch(Request $request, string $tree, string $placeChurch): Response
    {
        return $this->remove($request, PlaceChurch::query()->findOrFail($placeChurch), 'Took the church off a place');
    }

    /** @param  Closure(Place): TreeModel  $make */
    private function add(Request $request, string $place, string $summary, Closure $make): JsonResponse
    {
        $row = Place::query()->findOrFail($place);
        $made = $this->changes->run(new Intent(TreesController::user($request), "{$summary} {$row->name}"),
            static fn (): TreeModel => $make($row), $row);

        return response()->json(new CreatedResource($made->id));
    }

    private function remove(Request $request, TreeModel $row, string $summary): Response
    {
        $this->changes->run(new Intent(TreesController::user($request), $summary),
            static fn (Change $change) => $change->deleteWhole($row), $row);

        return response()->noContent();
    }
}
