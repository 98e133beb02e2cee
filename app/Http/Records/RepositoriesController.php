<?php

declare(strict_types=1);

namespace App\Http\Records;

use App\Http\Api\CreatedResource;
use App\Http\Api\Patch;
use App\Http\Records\Inputs\RepositoryInput;
use App\Http\Tree\TreesController;
use App\Models\Repository;
use App\Refusal;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Where sources are kept; changed once, changed for every source. */
final readonly class RepositoriesController
{
    public function __construct(private ChangeSets $changes)
    {
    }

    #[Patch('/trees/{tree}/repositories/{repository}', 'changeRepository', CreatedResource::class, RepositoryInput::class)]
    public function update(Request $request, string $tree, string $repository): JsonResponse
    {
        $input = RepositoryInput::from($request);
        $name = trim($input->name);
        if (Repository::query()->where('name', $name)->where('id', '!=', $repository)->exists()) {
            throw new Refusal("There is a repository called {$name} already. Say it of the source instead.", 409);
        }
        $this->changes->run(new Intent(TreesController::user($request), "Called a repository {$name}"),
            static function () use ($repository, $name, $input): void {
                $row = Repository::query()->findOrFail($repository);
                ChangedMeanwhile::unless($row, $input->version, ['name' => $name]);
                $row->fill(['name' => $name])->save();
            });

        return response()->json(new CreatedResource($repository));
    }
}
