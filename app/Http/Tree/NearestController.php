<?php

declare(strict_types=1);

namespace App\Http\Tree;

use App\Http\Api\Get;
use App\Http\Tree\Resources\NearestList;
use App\Http\Tree\Resources\NearName;
use App\Trees\Search\NearestNames;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What a list offers where nothing answers to its filter. */
final readonly class NearestController
{
    public function __construct(private NearestNames $names)
    {
    }

    #[Get('/trees/{tree}/nearest/{list}', 'nearest', NearestList::class, query: ['q'])]
    public function index(Request $request, string $tree, string $list): JsonResponse
    {
        $typed = $request->string('q')->trim()->toString();
        $names = match ($list) {
            'sources' => $this->names->sources($typed),
            'places' => $this->names->places($typed),
            'pictures' => $this->names->pictures($typed),
            default => abort(404),
        };

        return response()
            ->json(new NearestList(
                array_map(static fn (string $id, string $name): NearName => new NearName($id, $name), array_keys($names), $names)));
    }
}
