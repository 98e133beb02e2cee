<?php

declare(strict_types=1);

namespace App\Http\Numbers;

use App\Http\Api\Get;
use App\Http\Api\Put;
use App\Http\Numbers\Inputs\NumberingInput;
use App\Http\Numbers\Resources\NumberingResource;
use App\Http\Numbers\Resources\NumberSystemResource;
use App\Http\Tree\TreesController;
use App\Models\Person;
use App\Refusal;
use App\Trees\Access\LivingPeople;
use App\Trees\Numbers\ChosenNumbering;
use App\Trees\Numbers\LineNumbers;
use App\Trees\Scope\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Kin\Numbering\LineChoice;
use NorthBough\Core\Kin\Numbering\Numbering;

/** By what everybody is numbered: each who reads a tree chooses for themselves, and changes nothing of the tree by it. */
final readonly class NumberingController
{
    public function __construct(
        private CurrentTree $current,
        private LineNumbers $numbers,
        private LivingPeople $living,
    ) {
    }

    #[Get('/trees/{tree}/numbering', 'numbering', NumberingResource::class)]
    public function show(): JsonResponse
    {
        $chosen = $this->numbers->chosen();
        $names = $this->names($chosen->personIds ?? []);
        $choice = $chosen->choice ?? new LineChoice;

        return response()->json(new NumberingResource($chosen->system ?? '', $chosen->personIds ?? [], $names, $choice->adopted,
            $choice->step, $choice->unproved, $chosen === null ? '' : $this->says($chosen, $names),
            array_map(static fn (string $code, string $title): NumberSystemResource => new NumberSystemResource($code, $title),
                array_keys(Numbering::systems()), Numbering::systems())));
    }

    #[Put('/trees/{tree}/numbering', 'chooseNumbering', body: NumberingInput::class)]
    public function choose(Request $request): Response
    {
        $input = NumberingInput::from($request);
        $ids = $input->personIds;
        $chosen = $input->system === '' || $ids === [] ? null
            : new ChosenNumbering($input->system, $ids, new LineChoice($input->adopted, $input->step, $input->unproved));
        if ($chosen !== null && Person::query()->whereIn('id', $ids)->count() !== count($ids)) {
            throw new Refusal(Refusal::NOT_HERE, 404);
        }
        DB::table('members')->where('tree_id', $this->current->id())->where('user_id', TreesController::user($request)->id)
            ->update(['numbering' => $chosen?->json()]);

        return response()->noContent();
    }

    /** @param  list<string>  $personIds */
    private function names(array $personIds): string
    {
        $people = $this->living->forReader()->lives($personIds);

        return implode(' and ', array_map(static fn (string $id): string => ($people[$id] ?? null)?->name()->shown() ?? '?', $personIds));
    }

    private function says(ChosenNumbering $chosen, string $names): string
    {
        $of = $chosen->system === Numbering::ANCESTORS ? "Ancestors of {$names}"
            : "Descendants of {$names} by ".Numbering::systems()[$chosen->system];

        return "{$of}. {$chosen->choice->says()} Counted on ".Carbon::now()->format('j F Y').'.';
    }
}
