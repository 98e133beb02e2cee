<?php

declare(strict_types=1);

namespace App\Http\Tree;

use App\Http\Api\Delete;
use App\Http\Api\Get;
use App\Http\Api\Patch;
use App\Http\Api\Post;
use App\Http\Api\Put;
use App\Http\Interpretation\Inputs\DatingSettingInput;
use App\Http\Interpretation\Resources\DatingSettingResource;
use App\Http\Tree\Inputs\DeleteTreeInput;
use App\Http\Tree\Inputs\TreeInput;
use App\Http\Tree\Resources\NamingCustomResource;
use App\Http\Tree\Resources\TreeLine;
use App\Http\Tree\Resources\TreeList;
use App\Http\Tree\Resources\TreeResource;
use App\Http\Tree\Resources\TreeStateResource;
use App\Jobs\RebuildIndex;
use App\Models\Event;
use App\Models\Person;
use App\Models\Tree;
use App\Models\User;
use App\Refusal;
use App\Trees\Access\LivingPeople;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Dating\SourceDates;
use App\Trees\Display\CentralPerson;
use App\Trees\Scope\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Naming\Custom\NamingCustom;
use NorthBough\Core\Naming\Custom\NamingCustoms;

final readonly class TreesController
{
    public function __construct(
        private CurrentTree $current,
        private ChangeSets $changes,
        private SourceDates $dates,
        private LivingPeople $living,
        private CentralPerson $centre,
    ) {
    }

    #[Get('/trees', 'trees', TreeList::class)]
    public function index(Request $request): JsonResponse
    {
        $user = self::user($request);
        $roles = DB::table('members')->where('user_id', $user->id)->pluck('role', 'tree_id');
        $trees = Tree::query()->whereIn('id', $roles->keys())->orderBy('name')->get();
        $changed = DB::table('trees')->whereIn('trees.id', $roles->keys())
            ->join('change_sets', static fn ($join) => $join->on('change_sets.tree_id', 'trees.id')
                ->on('change_sets.seq', 'trees.last_change'))
            ->pluck('change_sets.made_at', 'trees.id');

        return response()->json(new TreeList(array_values($trees->map(
            static fn (Tree $tree): TreeLine => new TreeLine($tree->id, $tree->name, (string) $roles[$tree->id], $tree->people_count,
                (string) ($changed[$tree->id] ?? '')),
        )->all())));
    }

    #[Post('/trees', 'makeTree', TreeResource::class, TreeInput::class)]
    public function store(Request $request): JsonResponse
    {
        $name = trim(TreeInput::from($request)->name ?? '');
        if ($name === '') {
            throw new Refusal('Give the tree a name, such as that of the family.');
        }

        return response()->json(self::resource(Tree::begin($name, self::user($request)), 'owner'));
    }

    #[Get('/trees/{tree}', 'tree', TreeResource::class)]
    public function show(Request $request): JsonResponse
    {
        $tree = $this->current->get();
        $own = $this->centre->own();
        $centres = $this->living->forReader()->lives(array_values(array_filter([$tree->centre_person_id, $own])));
        $name = static fn (?string $id): string => ($centres[$id ?? ''] ?? null)?->name()->shown() ?? '';

        return response()
            ->json(self::resource($tree, $tree->roleOf(self::user($request)), $name($tree->centre_person_id), $own, $name($own)));
    }

    /** What pages ask again and again: whether anything changed since. */
    #[Get('/trees/{tree}/now', 'now', TreeStateResource::class)]
    public function now(): JsonResponse
    {
        $tree = $this->current->get();

        return response()->json(new TreeStateResource($tree->last_change, $tree->busy_with ?? ''));
    }

    #[Patch('/trees/{tree}', 'changeTree', TreeResource::class, TreeInput::class)]
    public function update(Request $request): JsonResponse
    {
        $input = TreeInput::from($request);
        $tree = $this->current->get();
        if ($input->name !== null && trim($input->name) !== '') {
            $tree->name = trim($input->name);
        }
        if ($input->centrePersonId !== null) {
            $tree->centre_person_id = Person::query()->findOrFail($input->centrePersonId)->id;
        }
        $rule = array_filter(
            ['dead_years_after_birth' => $input->deadYearsAfterBirth, 'dead_years_after_adult_event' => $input->deadYearsAfterAdultEvent,
                'readers_see_living' => $input->readersSeeLiving,
                'surname_custom' => $input->surnameCustom, 'married_custom' => $input->marriedCustom],
            static fn (int|bool|string|null $value): bool => $value !== null);
        $tree->forceFill($rule)->save();
        if (array_intersect_key($rule, ['dead_years_after_birth' => 1, 'dead_years_after_adult_event' => 1]) !== []) {
            RebuildIndex::dispatch($tree->id);
        }

        return $this->show($request);
    }

    /** How dates are written where neither source nor place says; dates typed here are read again. */
    #[Put('/trees/{tree}/reckoning', 'reckonTree', TreeResource::class, DatingSettingInput::class)]
    public function reckon(Request $request): JsonResponse
    {
        $setting = DatingSettingInput::from($request)->setting();
        $this->changes->run(new Intent(self::user($request), 'Said how dates are written in this tree'), function () use ($setting): void {
            $this->current->get()->forceFill(['reckoning' => $setting])->save();
            $this->dates->readAgain(Event::query());
        });

        return $this->show($request);
    }

    /** The tree is only hidden, and kept 30 days. */
    #[Delete('/trees/{tree}', 'deleteTree', body: DeleteTreeInput::class)]
    public function destroy(Request $request): Response
    {
        $tree = $this->current->get();
        if (trim(DeleteTreeInput::from($request)->name) !== $tree->name) {
            throw new Refusal("To delete it, type the tree's name exactly: {$tree->name}");
        }
        $tree->delete();

        return response()->noContent();
    }

    public static function user(Request $request): User
    {
        $user = $request->user();

        return $user instanceof User ? $user : throw new Refusal('Sign in first.', 401);
    }

    private static function resource(
        Tree $tree,
        string $role,
        string $centreName = '',
        ?string $own = null,
        string $ownName = '',
    ): TreeResource {
        return new TreeResource($tree->id, $tree->name, $role, $tree->people_count, $tree->busy_with ?? '', $tree->centre_person_id,
            $centreName, $own, $ownName,
            $tree->dead_years_after_birth, $tree->dead_years_after_adult_event, $tree->readers_see_living,
            DatingSettingResource::of($tree->reckoning), $tree->surname_custom, $tree->married_custom,
            array_map(static fn (NamingCustom $custom): NamingCustomResource => new NamingCustomResource($custom->code(), $custom->word()),
                NamingCustoms::all()));
    }
}
