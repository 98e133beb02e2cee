<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Post;
use App\Http\People\Inputs\RoleInput;
use App\Http\Tree\TreesController;
use App\Models\Event;
use App\Models\EventRole;
use App\Models\Person;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** People in roles at an event: a witness, an informant, a godparent, a lodger; in the tree, or by their name alone. */
final readonly class RolesController
{
    public function __construct(private ChangeSets $changes)
    {
    }

    #[Post('/trees/{tree}/facts/{fact}/roles', 'addRole', CreatedResource::class, RoleInput::class)]
    public function store(Request $request, string $tree, string $fact): JsonResponse
    {
        $input = RoleInput::from($request);
        $event = Event::query()->findOrFail($fact)->id;
        $person = $input->personId === null ? null : Person::query()->findOrFail($input->personId)->id;
        if ($person === null && trim($input->words) === '') {
            throw new Refusal('Say who it was: somebody in the tree, or a name as it was written.');
        }
        $role = $this->changes->run(new Intent(TreesController::user($request), "Added a {$input->role}"),
            static fn (): EventRole => EventRole::query()->create([
                'event_id' => $event, 'person_id' => $person, 'role' => trim($input->role), 'words' => trim($input->words),
                'position' => 1 + (int) EventRole::query()->where('event_id', $event)->max('position'),
            ]));

        return response()->json(new CreatedResource($role->id));
    }

    #[Delete('/trees/{tree}/roles/{role}', 'deleteRole')]
    public function destroy(Request $request, string $tree, string $role): Response
    {
        $row = EventRole::query()->findOrFail($role);
        $this->changes->run(new Intent(TreesController::user($request), "Removed a {$row->role}"),
            static fn (Change $change) => $change->deleteWhole($row), $row);

        return response()->noContent();
    }
}
