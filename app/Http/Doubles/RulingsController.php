<?php

declare(strict_types=1);

namespace App\Http\Doubles;

use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Put;
use App\Http\Doubles\Inputs\RulingInput;
use App\Http\Tree\TreesController;
use App\Models\Person;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Doubles\Ruling;
use App\Trees\Doubles\Rulings;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** What somebody said of two who may be one: remembered, shown to whoever comes later, and taken back. */
final readonly class RulingsController
{
    public function __construct(private ChangeSets $changes, private Rulings $rulings)
    {
    }

    #[Put('/trees/{tree}/doubles/{person}/{otherPerson}/ruling', 'ruleOnDouble', CreatedResource::class, RulingInput::class)]
    public function update(Request $request, string $tree, string $person, string $otherPerson): JsonResponse
    {
        $input = RulingInput::from($request);
        $reason = trim($input->reason ?? '');
        $ruling = Ruling::from($input->ruling);
        if ($ruling === Ruling::Different && $reason === '') {
            throw new Refusal('Write why they are two people, so that nobody joins them later.');
        }
        $names = $this->names($person, $otherPerson);
        $row = $this->changes->run(new Intent(TreesController::user($request), match ($ruling) {
            Ruling::Different => "Ruled that {$names} are two people",
            Ruling::NotNow => "Put off whether {$names} are one",
        }, $reason), fn () => $this->rulings->rule($person, $otherPerson, $ruling, $reason));

        return response()->json(new CreatedResource($row->id));
    }

    #[Delete('/trees/{tree}/doubles/{person}/{otherPerson}/ruling', 'unruleDouble')]
    public function destroy(Request $request, string $tree, string $person, string $otherPerson): Response
    {
        $row = $this->rulings->of($person, $otherPerson) ?? throw (new ModelNotFoundException)->setModel(\App\Models\PairRuling::class);
        $this->changes->run(
            new Intent(TreesController::user($request), "Took back what was ruled on {$this->names($person, $otherPerson)}"),
            static fn (Change $change) => $change->deleteWhole($row), $row);

        return response()->noContent();
    }

    /** @throws Refusal where they are one already */
    private function names(string $person, string $otherPerson): string
    {
        if ($person === $otherPerson) {
            throw new Refusal('That is one and the same person.');
        }
        $numbers = array_map(static fn (string $id): int => Person::query()->findOrFail($id)->number, [$person, $otherPerson]);

        return "no. {$numbers[0]} and no. {$numbers[1]}";
    }
}
