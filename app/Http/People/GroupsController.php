<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\Api\CreatedResource;
use App\Http\Api\Delete;
use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Api\Put;
use App\Http\People\Inputs\GroupInput;
use App\Http\People\Resources\GroupList;
use App\Http\People\Resources\GroupResource;
use App\Http\Tree\TreesController;
use App\Models\Group;
use App\Models\GroupMember;
use App\Models\Mark;
use App\Models\Marking;
use App\Models\Person;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Scope\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Groups and coloured marks of one's own; what they mean is the user's. */
final readonly class GroupsController
{
    public function __construct(private CurrentTree $current, private ChangeSets $changes)
    {
    }

    #[Get('/trees/{tree}/groups', 'groups', GroupList::class)]
    public function index(): JsonResponse
    {
        return response()
            ->json(new GroupList([...$this->listed('group', 'groups', 'group_members'), ...$this->listed('mark', 'marks', 'markings')]));
    }

    #[Post('/trees/{tree}/groups', 'makeGroup', CreatedResource::class, GroupInput::class)]
    public function makeGroup(Request $request): JsonResponse
    {
        return $this->make($request, Group::class);
    }

    #[Post('/trees/{tree}/marks', 'makeMark', CreatedResource::class, GroupInput::class)]
    public function makeMark(Request $request): JsonResponse
    {
        return $this->make($request, Mark::class);
    }

    #[Delete('/trees/{tree}/groups/{group}', 'deleteGroup')]
    public function deleteGroup(Request $request, string $tree, string $group): Response
    {
        return $this->delete($request, Group::query()->findOrFail($group));
    }

    #[Delete('/trees/{tree}/marks/{mark}', 'deleteMark')]
    public function deleteMark(Request $request, string $tree, string $mark): Response
    {
        return $this->delete($request, Mark::query()->findOrFail($mark));
    }

    #[Put('/trees/{tree}/people/{person}/groups/{group}', 'putIntoGroup')]
    public function putIntoGroup(Request $request, string $tree, string $person, string $group): Response
    {
        return $this->put($request, GroupMember::class,
            ['person_id' => Person::query()->findOrFail($person)->id, 'group_id' => Group::query()->findOrFail($group)->id]);
    }

    #[Delete('/trees/{tree}/people/{person}/groups/{group}', 'takeOutOfGroup')]
    public function takeOutOfGroup(Request $request, string $tree, string $person, string $group): Response
    {
        return $this->takeOut($request, GroupMember::query()->where('person_id', $person)->where('group_id', $group)->firstOrFail());
    }

    #[Put('/trees/{tree}/people/{person}/marks/{mark}', 'markPerson')]
    public function markPerson(Request $request, string $tree, string $person, string $mark): Response
    {
        return $this->put($request, Marking::class,
            ['person_id' => Person::query()->findOrFail($person)->id, 'mark_id' => Mark::query()->findOrFail($mark)->id]);
    }

    #[Delete('/trees/{tree}/people/{person}/marks/{mark}', 'unmarkPerson')]
    public function unmarkPerson(Request $request, string $tree, string $person, string $mark): Response
    {
        return $this->takeOut($request, Marking::query()->where('person_id', $person)->where('mark_id', $mark)->firstOrFail());
    }

    /** @return list<GroupResource> */
    private function listed(string $kind, string $table, string $members): array
    {
        $rows = DB::table($table)->where("{$table}.tree_id", $this->current->id())
            ->leftJoin($members, static fn ($join) => $join->on("{$members}.tree_id", "{$table}.tree_id")
                ->on("{$members}.{$kind}_id", "{$table}.id"))
            ->groupBy("{$table}.id", "{$table}.name", "{$table}.colour", "{$table}.meaning")->orderBy("{$table}.name")
            ->selectRaw("{$table}.id, {$table}.name, {$table}.colour, {$table}.meaning, count({$members}.id) AS members")->get();

        return array_values(
            $rows->map(static fn (stdClass $row): GroupResource => new GroupResource($row->id, $kind, $row->name, $row->colour,
                $row->meaning, (int) $row->members))->all());
    }

    /** @param  class-string<Group|Mark>  $model */
    private function make(Request $request, string $model): JsonResponse
    {
        $input = GroupInput::from($request);
        if ($model::query()->where('name', trim($input->name))->exists()) {
            throw new Refusal('There is one of that name already.', 409);
        }
        $made = $this->changes->run(new Intent(TreesController::user($request), "Made {$input->name}"),
            static fn (): Group|Mark => $model::query()
                ->create(['name' => trim($input->name), 'meaning' => $input->meaning, 'colour' => $input->colour]));

        return response()->json(new CreatedResource($made->id));
    }

    private function delete(Request $request, Group|Mark $row): Response
    {
        $this->changes->run(new Intent(TreesController::user($request), "Deleted {$row->name}"),
            static fn (Change $change) => $change->deleteWhole($row), $row);

        return response()->noContent();
    }

    /**
     * @param  class-string<GroupMember|Marking>  $model
     * @param  array<string, string>  $tie
     */
    private function put(Request $request, string $model, array $tie): Response
    {
        if ($model::query()->where($tie)->doesntExist()) {
            $this->changes->run(
                new Intent(TreesController::user($request),
                    $model === Marking::class ? 'Put a mark on somebody' : 'Put somebody into a group'),
                static fn (): GroupMember|Marking => $model::query()->create($tie));
        }

        return response()->noContent();
    }

    private function takeOut(Request $request, GroupMember|Marking $row): Response
    {
        $this->changes->run(
            new Intent(TreesController::user($request),
                $row instanceof Marking ? 'Removed a mark from somebody' : 'Removed somebody from a group'),
            static fn (Change $change) => $change->deleteWhole($row), $row);

        return response()->noContent();
    }
}
