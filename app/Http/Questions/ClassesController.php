<?php

declare(strict_types=1);

namespace App\Http\Questions;

use App\Http\Api\CreatedResource;
use App\Http\Api\Get;
use App\Http\Api\Patch;
use App\Http\Questions\Inputs\ClassInput;
use App\Http\Questions\Resources\ClaimPage;
use App\Http\Questions\Resources\WeighingRow;
use App\Http\Tree\TreesController;
use App\Models\Claim;
use App\Models\Event;
use App\Models\Record;
use App\Trees\Changes\ChangedMeanwhile;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Evidence\ClaimDerivation;
use App\Trees\Scope\CurrentTree;
use App\Trees\Storage\DescribedColumns;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use NorthBough\Core\Gedcom\Row\ClaimClassification;

/** How a claim is classed and weighed, whether anything disagrees with it or not. */
final readonly class ClassesController
{
    /** What a claim is of: of one of these each, and of the lines of a record where it tells a tie. */
    private const OF = ['event_id', 'name_id', 'union_id', 'person_id', 'roll_line_id'];

    /** Others of the same, as many as one of them could be picked from. */
    private const MOST = 100;

    public function __construct(private CurrentTree $current, private ChangeSets $changes, private WeighingRows $rows)
    {
    }

    #[Get('/trees/{tree}/claims/{claim}', 'claim', ClaimPage::class)]
    public function show(string $tree, string $claim): JsonResponse
    {
        $this->current->refuseShielded('How claims are weighed names who told them; it is for those who may see the living.');
        $row = Claim::query()->findOrFail($claim);
        $claims = $this->beside($row);
        $facts = $row->event_id === null ? [] : array_filter([$row->event_id => Event::query()->find($row->event_id)]);
        $rows = array_map(static fn (array $weighed): WeighingRow => $weighed[0], $this->rows->of($claims, $facts));
        $own = array_values(array_filter($rows, static fn (WeighingRow $weighingRow): bool => $weighingRow->claimId === $row->id));

        return response()->json(new ClaimPage($own[0], $rows));
    }

    #[Patch('/trees/{tree}/claims/{claim}', 'classClaim', CreatedResource::class, ClassInput::class)]
    public function classify(Request $request, string $tree, string $claim): JsonResponse
    {
        $input = ClassInput::from($request);
        $this->changes->run(new Intent(TreesController::user($request), 'Classed a claim', $input->why ?? ''),
            static function () use ($claim, $input): void {
                $row = Claim::query()->findOrFail($claim);
                $classes = DescribedColumns::said(ClaimClassification::class, $input, ['weight', 'why']);
                if ($input->derivedFromId !== null) {
                    $classes['leans_on_id'] = ClaimDerivation::checked($row, $input->derivedFromId);
                }
                if ($input->weight !== null) {
                    $classes += $input->weight === 'rule' ? ['weight_said' => '', 'weight_why' => '']
                        : ['weight_said' => $input->weight, 'weight_why' => trim($input->why ?? '')];
                }
                ChangedMeanwhile::unless($row, $input->version, $classes);
                $row->fill($classes)->save();
                if ($input->sourceClass !== null) {
                    Record::query()->findOrFail($row->record_id)->fill(['source_class' => $input->sourceClass])->save();
                }
            });

        return response()->json(new CreatedResource($claim));
    }

    /** @return Collection<int, Claim> itself, and what else is told of the same */
    private function beside(Claim $row): Collection
    {
        foreach (self::OF as $column) {
            $id = $row->getAttribute($column);
            if (is_string($id)) {
                $others = Claim::query()->where($column, $id)->where('aspect', $row->aspect)->where('id', '<>', $row->id)
                    ->orderBy('ordinal')->orderBy('id')->limit(self::MOST)->get();

                return $others->prepend($row);
            }
        }

        return new Collection([$row]);
    }
}
