<?php

declare(strict_types=1);

namespace App\Http\Pictures;

use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Post;
use App\Http\Pictures\Inputs\RegionInput;
use App\Http\Tree\TreesController;
use App\Models\Media;
use App\Models\MediaLink;
use App\Models\Region;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Editing\Regions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** Parts of pictures, and who is on them. */
final readonly class RegionsController
{
    public function __construct(private ChangeSets $changes, private Regions $regions)
    {
    }

    #[Post('/trees/{tree}/pictures/{media}/regions', 'tagRegion', CreatedResource::class, RegionInput::class)]
    public function store(Request $request, string $tree, string $media): JsonResponse
    {
        $input = RegionInput::from($request);
        $file = Media::query()->findOrFail($media);
        $at = ['page' => $input->page, 'left' => $input->left, 'top' => $input->top, 'width' => min($input->width, 1 - $input->left),
            'height' => min($input->height, 1 - $input->top)];
        $region = $this->changes->run(new Intent(TreesController::user($request), 'Said who is on a picture'),
            fn (): Region => $this->regions->tag($file, $at, $input->personId, $input->words ?? ''), $file);

        return response()->json(new CreatedResource($region->id));
    }

    #[Delete('/trees/{tree}/regions/{region}', 'untagRegion')]
    public function destroy(Request $request, string $tree, string $region): Response
    {
        $row = Region::query()->findOrFail($region);
        $this->changes->run(new Intent(TreesController::user($request), 'Removed a name from a picture'),
            static fn (Change $change) => $change->deleteWhole($row), $row);

        return response()->noContent();
    }

    #[Post('/trees/{tree}/regions/{region}/portrait', 'cutPortrait', CreatedResource::class)]
    public function portrait(Request $request, string $tree, string $region): JsonResponse
    {
        $link = $this->changes->run(new Intent(TreesController::user($request), 'Cut a face for a portrait'),
            fn (): MediaLink => $this->regions->portrait(Region::query()->findOrFail($region)));

        return response()->json(new CreatedResource($link->id));
    }
}
