<?php

declare(strict_types=1);

namespace App\Http\Tree;

use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Tree\Inputs\VariantsInput;
use App\Http\Tree\Resources\VariantsList;
use App\Http\Tree\Resources\VariantsResource;
use App\Models\NameVariant;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use NorthBough\Core\Naming\SearchForm;

/** Names that stand for one another in this tree, beside those that everybody knows. */
final readonly class NameVariantsController
{
    public function __construct(private ChangeSets $changes)
    {
    }

    #[Get('/trees/{tree}/name-variants', 'nameVariants', VariantsList::class)]
    public function index(): JsonResponse
    {
        $rows = NameVariant::query()->orderBy('words')->get();

        return response()
            ->json(new VariantsList(
                array_values($rows->map(static fn (NameVariant $row): VariantsResource => new VariantsResource($row->id, $row->words))
                    ->all())));
    }

    #[Post('/trees/{tree}/name-variants', 'sayVariants', CreatedResource::class, VariantsInput::class)]
    public function store(Request $request): JsonResponse
    {
        $names = array_values(
            array_filter(array_map(trim(...),
                explode(' ', (string) preg_replace('/[\s,;=]+/u', ' ', VariantsInput::from($request)->words))),
                static fn (string $name): bool => SearchForm::of($name) !== ''));
        if (count($names) < 2) {
            throw new Refusal('Name at least two that stand for one another, such as Keziah and Hezzy.');
        }
        $words = implode(' ', $names);
        $row = $this->changes->run(
            new Intent(TreesController::user($request), 'Said that '.implode(' and ', $names).' stand for one another'),
            static fn (): NameVariant => NameVariant::query()->create(['words' => $words]));

        return response()->json(new CreatedResource($row->id));
    }

    #[Delete('/trees/{tree}/name-variants/{nameVariant}', 'unsayVariants')]
    public function destroy(Request $request, string $tree, string $nameVariant): Response
    {
        $row = NameVariant::query()->findOrFail($nameVariant);
        $this->changes->run(new Intent(TreesController::user($request), "Removed that {$row->words} stand for one another"),
            static fn (Change $change) => $change->deleteWhole($row), $row);

        return response()->noContent();
    }
}
