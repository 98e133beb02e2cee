<?php

declare(strict_types=1);

namespace App\Http\Doubles;

use App\Counted;
use App\Http\Api\CreatedResource;
use App\Http\Api\Get;
use App\Http\Api\Post;
use App\Http\Doubles\Resources\JoinableResource;
use App\Http\Doubles\Resources\JoinablesPage;
use App\Http\Doubles\Resources\JoinsOfThing;
use App\Http\Doubles\Resources\ThingLine;
use App\Http\Doubles\Resources\ThingPlanPage;
use App\Http\People\Inputs\ReasonInput;
use App\Http\Tree\TreesController;
use App\Models\TreeModel;
use App\Refusal;
use App\Trees\Joins\Things\Joinable;
use App\Trees\Joins\Things\JoinableKinds;
use App\Trees\Joins\Things\JoinThings;
use App\Trees\Scope\CurrentTree;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Two places, sources, repositories or files that are one. */
final readonly class ThingsController
{
    private const MOST = 5;

    private const FOUND = 8;

    /** What points at one, by table: one of it. */
    private const WORDS = ['events' => 'linked fact', 'records' => 'record', 'place_wordings' => 'wording', 'place_names' => 'other name',
        'place_insides' => 'former allegiance', 'places' => 'inner place', 'place_churches' => 'church',
        'media_links' => 'picture', 'regions' => 'region', 'notes' => 'note', 'tasks' => 'task', 'group_members' => 'group',
        'markings' => 'mark', 'searches' => 'logged search', 'series' => 'series', 'sources' => 'source',
        'kept' => 'kept line', 'file_refs' => 'file pointer', 'joins' => 'earlier join'];

    public function __construct(private CurrentTree $current, private JoinThings $things, private JoinPages $pages)
    {
    }

    /** Those whose name has what is typed. */
    #[Get('/trees/{tree}/joinables/{joinable}', 'joinables', JoinablesPage::class, query: ['q'])]
    public function find(Request $request, string $tree, string $joinable): JsonResponse
    {
        $this->refuse();
        $kind = JoinableKinds::get($joinable);
        $column = array_values($kind::columns())[0];
        $like = '%'.addcslashes(trim(mb_substr($request->string('q')->toString(), 0, 200)), '%_\\').'%';
        $rows = $kind::model()::query()->where($column, 'ilike', $like)->orderBy($column)->orderBy('id')->limit(self::FOUND)->get();

        return response()->json(new JoinablesPage(array_values($rows->map(static fn ($row): JoinableResource => self::resource($kind, $row))
            ->all())));
    }

    #[Get('/trees/{tree}/joinables/{joinable}/{thing}', 'joinsOfThing', JoinsOfThing::class)]
    public function index(string $tree, string $joinable, string $thing): JsonResponse
    {
        $this->refuse();
        $kind = JoinableKinds::get($joinable);
        $row = $kind::model()::query()->findOrFail($thing);
        $alike = $kind::model()::query()->where($kind::alikeBy(), $row->getAttribute($kind::alikeBy()))->where('id', '!=', $row->id)
            ->orderBy('id')->limit(self::MOST)->get();

        return response()->json(new JoinsOfThing(array_values($alike->map(
            static fn ($other): JoinableResource => self::resource($kind, $other))->all()),
            $this->pages->of($kind::keptColumn(), $row->id)));
    }

    /** The first of the two stays. */
    #[Get('/trees/{tree}/joinables/{joinable}/{thing}/{otherThing}', 'planThings', ThingPlanPage::class)]
    public function plan(string $tree, string $joinable, string $thing, string $otherThing): JsonResponse
    {
        $this->refuse();
        $kind = JoinableKinds::get($joinable);
        [$kept, $gone] = [self::named($kind, $thing), self::named($kind, $otherThing)];
        try {
            $plan = $this->things->plan($kind, $thing, $otherThing);
        } catch (Refusal $refusal) {
            return response()->json(new ThingPlanPage($refusal->getMessage(), $kept, $gone, [], [], []));
        }

        return response()->json(new ThingPlanPage('', $kept, $gone,
            array_map(static fn (array $line): ThingLine => new ThingLine(...$line), $plan->told),
            [...self::counted($plan->weighs, static fn (string $word): string => $word),
                ...self::counted($plan->moves, static fn (string $table): string => self::WORDS[$table] ?? 'row')],
            $plan->remarks));
    }

    #[Post('/trees/{tree}/joinables/{joinable}/{thing}/{otherThing}', 'joinThings', CreatedResource::class, ReasonInput::class)]
    public function store(Request $request, string $tree, string $joinable, string $thing, string $otherThing): JsonResponse
    {
        $join = $this->things->join(JoinableKinds::get($joinable), $thing, $otherThing, TreesController::user($request),
            trim(ReasonInput::from($request)->why ?? ''));

        return response()->json(new CreatedResource($join->id));
    }

    /**
     * @param  array<string, int>  $counts
     * @param  \Closure(string): string  $word
     * @return list<string>
     */
    private static function counted(array $counts, \Closure $word): array
    {
        $counts = array_filter($counts);

        return array_map(static fn (string $of, int $count): string => Counted::of($count, $word($of)), array_keys($counts), $counts);
    }

    private function refuse(): void
    {
        $this->current->refuseShielded('What hangs on it is told whole here; it is for those who may see the living.');
    }

    private static function named(Joinable $kind, string $id): JoinableResource
    {
        return self::resource($kind, $kind::model()::query()->findOrFail($id));
    }

    /** What else is told tells two of one name apart. */
    private static function resource(Joinable $kind, TreeModel $row): JoinableResource
    {
        return new JoinableResource($row->id, $kind->shown($row), implode(', ', array_slice(array_values($kind->told($row)), 1, 2)));
    }
}
