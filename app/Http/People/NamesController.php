<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Patch;
use App\Http\Api\Post;
use App\Http\People\Inputs\NameInput;
use App\Http\People\Inputs\StandingInput;
use App\Http\Tree\TreesController;
use App\Models\Name;
use App\Models\Person;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Editing\People;
use App\Trees\Evidence\RuledOutValues;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Naming\PersonalName;

final readonly class NamesController
{
    public function __construct(private ChangeSets $changes, private People $people, private RuledOutValues $ruledOut)
    {
    }

    #[Post('/trees/{tree}/people/{person}/names', 'addName', CreatedResource::class, NameInput::class)]
    public function store(Request $request, string $tree, string $person): JsonResponse
    {
        $input = NameInput::from($request);
        $row = Person::query()->findOrFail($person);
        $name = PersonalName::parse($input->typed);
        if ($input->again !== true) {
            $this->ruledOut->refuseNameAgain($row->id, $name);
        }
        $made = $this->changes->run(
            new Intent(TreesController::user($request), "Added the name {$name->shown()}"),
            fn (): Name => $this->people->addName($row, $name, NameKind::from($input->kind ?? 'aka')),
            $row,
        );

        return response()->json(new CreatedResource($made->id));
    }

    #[Patch('/trees/{tree}/names/{name}', 'changeName', CreatedResource::class, NameInput::class)]
    public function update(Request $request, string $tree, string $name): JsonResponse
    {
        $input = NameInput::from($request);
        $row = Name::query()->findOrFail($name);
        $read = PersonalName::parse($input->typed);
        $version = $input->version ?? throw new Refusal('Say which version of the name you changed.');
        $this->changes->run(
            new Intent(TreesController::user($request), "Changed the name {$row->personalName()->shown()} to {$read->shown()}"),
            fn () => $this->people->changeName(Name::query()->findOrFail($name), $version, $read,
                NameKind::from($input->kind ?? $row->kind)),
        );

        return response()->json(new CreatedResource($name));
    }

    /** Accepted, it leads; a rival is disputed; what is ruled out stays, with why, and nobody is found by it. */
    #[Post('/trees/{tree}/names/{name}/standing', 'standName', CreatedResource::class, StandingInput::class)]
    public function stand(Request $request, string $tree, string $name): JsonResponse
    {
        $input = StandingInput::from($request);
        $row = Name::query()->findOrFail($name);
        $shown = $row->personalName()->shown();
        $summary = match ($input->standing) {
            'accepted' => "Let the name {$shown} lead",
            'ruled out' => "Ruled out the name {$shown}",
            default => "Said how the name {$shown} stands",
        };
        $this->changes->run(new Intent(TreesController::user($request), $summary, $input->why ?? ''),
            fn () => $this->people->standName(Name::query()->findOrFail($name), $input->standing, trim($input->why ?? '')));

        return response()->json(new CreatedResource($name));
    }

    #[Delete('/trees/{tree}/names/{name}', 'deleteName')]
    public function destroy(Request $request, string $tree, string $name): Response
    {
        $row = Name::query()->findOrFail($name);
        $this->changes->run(
            new Intent(TreesController::user($request), "Deleted the name {$row->personalName()->shown()}"),
            fn (Change $change) => $this->people->deleteName($change, $row),
            $row,
        );

        return response()->noContent();
    }
}
