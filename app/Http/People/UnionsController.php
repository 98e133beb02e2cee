<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\Api\Get;
use App\Http\Api\Patch;
use App\Http\People\Inputs\UnionInput;
use App\Http\People\Resources\UnionPage;
use App\Http\People\Resources\WeddingStateResource;
use App\Http\Tree\TreesController;
use App\Models\Union as UnionRow;
use App\Trees\Access\LivingPeople;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Evidence\RuledOutValues;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use NorthBough\Core\Kin\WeddingState;
use NorthBough\Core\Tree\Union;

/** A union itself: what kind it is, and by which custom its children are named. */
final readonly class UnionsController
{
    public function __construct(private ChangeSets $changes, private LivingPeople $living, private RuledOutValues $ruledOut)
    {
    }

    #[Get('/trees/{tree}/unions/{union}', 'union', UnionPage::class)]
    public function show(string $tree, string $union): JsonResponse
    {
        $row = UnionRow::query()->findOrFail($union);
        $view = $this->living->forReader();
        $shownUnion = $view->unions([$row->id])[$row->id];
        $unions = $shownUnion->marriage() === null ? [] : $view->unionsOf($shownUnion->partnerIds);
        $people = $view->lives(
            array_values(array_unique(
                array_merge($shownUnion->partnerIds,
                    ...array_map(static fn (Union $u): array => $u->partnerIds, array_merge([], ...array_values($unions)))))));
        $states = [];
        foreach ($unions === [] ? [] : $shownUnion->partnerIds as $id) {
            $states[] = new WeddingStateResource($people[$id]->name()->shown(),
                WeddingState::of($id, $shownUnion, $unions[$id] ?? [], $people)
                ->value);
        }

        return response()->json(new UnionPage($row->id, $row->version, $row->kind, $row->surname_custom, $states, $this->why($shownUnion)));
    }

    private function why(Union $union): string
    {
        $ties = $this->living->isShielding() ? [] : array_intersect_key($union->tieIds, array_flip($union->ruledOutIds()));

        return implode(' ', array_map($this->ruledOut->why(...), $ties));
    }

    #[Patch('/trees/{tree}/unions/{union}', 'changeUnion', UnionPage::class, UnionInput::class)]
    public function update(Request $request, string $tree, string $union): JsonResponse
    {
        $input = UnionInput::from($request);
        $this->changes->run(new Intent(TreesController::user($request), 'Changed a couple'), static function () use ($union, $input): void {
            $row = UnionRow::query()->findOrFail($union);
            $columns = array_filter(['kind' => $input->kind, 'surname_custom' => $input->surnameCustom],
                static fn (?string $kind): bool => $kind !== null);
            ChangedMeanwhile::unless($row, $input->version, $columns);
            $row->fill(array_map(trim(...), $columns))->save();
        });

        return $this->show($tree, $union);
    }
}
