<?php

declare(strict_types=1);

namespace App\Http\Places;

use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Get;
use App\Http\Api\Patch;
use App\Http\Api\Post;
use App\Http\Api\Put;
use App\Http\Interpretation\Inputs\DatingSettingInput;
use App\Http\Places\Inputs\PlaceInput;
use App\Http\Places\Resources\PlacePage;
use App\Http\Places\Resources\PlacesPage;
use App\Http\Tree\TreesController;
use App\Models\Place;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Editing\Places;
use App\Trees\Joins\Joined;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use NorthBough\Core\Naming\SearchForm;

/** The gazetteer: places inside places. */
final readonly class PlacesController
{
    public function __construct(private ChangeSets $changes, private Places $places, private PlacePages $pages, private Joined $joined)
    {
    }

    #[Get('/trees/{tree}/places', 'places', PlacesPage::class, query: ['q', 'after'])]
    public function index(Request $request): JsonResponse
    {
        return response()->json($this->pages->index($request->string('q')->toString(), $request->string('after')->toString()));
    }

    #[Get('/trees/{tree}/places/{place}', 'place', PlacePage::class)]
    public function show(string $tree, string $place): JsonResponse
    {
        return response()->json($this->pages->one(Place::query()->findOrFail($this->joined->resolve($place))));
    }

    #[Post('/trees/{tree}/places', 'makePlace', CreatedResource::class, PlaceInput::class)]
    public function store(Request $request): JsonResponse
    {
        $input = PlaceInput::from($request);
        $name = trim($input->name ?? '');
        if ($name === '') {
            throw new Refusal('Give the place a name.');
        }
        $inside = ($input->insideId ?? '') === '' ? null : Place::query()->findOrFail($input->insideId);
        $place = $this->changes->run(new Intent(TreesController::user($request), "Made the place {$name}"),
            fn (): Place => $this->places->make($name, $input->kind ?? '', $inside));

        return response()->json(new CreatedResource($place->id));
    }

    #[Patch('/trees/{tree}/places/{place}', 'changePlace', CreatedResource::class, PlaceInput::class)]
    public function update(Request $request, string $tree, string $place): JsonResponse
    {
        $input = PlaceInput::from($request);
        $version = $input->version ?? throw new Refusal('Say which version of the place you changed.');
        $name = Place::query()->findOrFail($place)->name;
        $this->changes->run(new Intent(TreesController::user($request), "Changed the place {$name}"),
            function () use ($place, $input, $version): void {
                $row = Place::query()->findOrFail($place);
                $columns = self::columns($input);
                ChangedMeanwhile::unless($row, $version, $columns);
                $this->places->change($row, $columns);
            });

        return response()->json(new CreatedResource($place));
    }

    #[Put('/trees/{tree}/places/{place}/reckoning', 'reckonPlace', CreatedResource::class, DatingSettingInput::class)]
    public function reckon(Request $request, string $tree, string $place): JsonResponse
    {
        $setting = DatingSettingInput::from($request)->setting();
        $name = Place::query()->findOrFail($place)->name;
        $this->changes->run(new Intent(TreesController::user($request), "Said how dates were written in {$name}"),
            fn () => $this->places->change(Place::query()->findOrFail($place), ['reckoning' => $setting]));

        return response()->json(new CreatedResource($place));
    }

    /** Facts keep their words; what lay in it lies in what it lay in. */
    #[Delete('/trees/{tree}/places/{place}', 'deletePlace')]
    public function destroy(Request $request, string $tree, string $place): Response
    {
        $row = Place::query()->findOrFail($place);
        $this->changes->run(new Intent(TreesController::user($request), "Deleted the place {$row->name}"),
            fn (Change $change) => $this->places->delete($change, $row), $row);

        return response()->noContent();
    }

    /** @return array<string, string|null> */
    private static function columns(PlaceInput $input): array
    {
        $columns = [];
        if ($input->name !== null && trim($input->name) !== '') {
            $columns += ['name' => trim($input->name), 'search' => SearchForm::of($input->name)];
        }
        if ($input->kind !== null) {
            $columns['kind'] = trim($input->kind);
        }
        foreach (['insideId' => 'inside_id', 'latitude' => 'latitude', 'longitude' => 'longitude'] as $field => $column) {
            if ($input->{$field} !== null) {
                $columns[$column] = $input->{$field} === '' ? null : $input->{$field};
            }
        }
        if (isset($columns['inside_id'])) {
            $columns['inside_id'] = Place::query()->findOrFail($columns['inside_id'])->id;
        }

        return $columns;
    }
}
