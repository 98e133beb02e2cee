<?php

declare(strict_types=1);

namespace App\Trees\Derived\Window;

use App\Trees\Changes\AffectedPeople;
use App\Trees\Changes\DerivedData;
use App\Trees\Derived\AffectedKin;
use App\Trees\Loading\DatabaseTree;
use App\Trees\Loading\EveryRow;
use App\Trees\Scope\CurrentTree;
use App\Trees\Storage\CopyRows;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Life\Window\Bounds;
use NorthBough\Core\Life\Window\LifeWindows;
use NorthBough\Core\Life\Window\LikelyLimits;
use stdClass;

/**
 * When everybody lived, as it stands in its table. After a change only what may have moved is worked out anew: whoever
 * was touched, whose bounds follow from theirs, and whoever these move in turn. It ends as if all were worked out.
 */
final readonly class StoredWindows implements DerivedData
{
    public const COLUMNS = ['born_from', 'born_to', 'died_from', 'died_to', 'likely_born_from', 'likely_born_to', 'likely_died_from',
        'likely_died_to'];

    private const AT_ONCE = 2000;

    /** When more people than these may have moved, it is quicker to work out all. */
    private const MANY = 4000;

    public function __construct(
        private CurrentTree $current,
        private DatabaseTree $tree,
        private LifeEvidence $evidence,
        private EveryRow $everybody,
        private AffectedKin $affected,
    ) {
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, Bounds> by person; whoever was not settled yet is missing
     */
    public function of(array $ids): array
    {
        return array_map(static fn (stdClass $row): Bounds => self::bounds($row), $this->rows()->whereIn('person_id', $ids)->get()
            ->keyBy('person_id')->all());
    }

    /** @return list<string> the people from whom the bounds of one follow, at any remove, the nearest first */
    public function behind(string $personId, int $most): array
    {
        $behind = [];
        for ($new = [$personId]; $new !== [] && count($behind) < $most;) {
            $sources = $this->rows()->whereIn('person_id', $new)->selectRaw('DISTINCT unnest(sources) AS id')->pluck('id')->all();
            $new = array_values(array_diff(array_map(strval(...), $sources), $behind, [$personId]));
            array_push($behind, ...$new);
        }

        return array_slice($behind, 0, $most);
    }

    public function affectedBy(AffectedPeople $affected): array
    {
        return $this->affected->withPresent($affected);
    }

    /**
     * Works out anew whoever may have moved since these were touched.
     *
     * @param  list<string>  $ids
     */
    public function refresh(array $ids): void
    {
        $open = $this->following($ids);
        do {
            if (count($open) > self::MANY) {
                $this->rebuild();

                return;
            }
            $windows = new LifeWindows(LikelyLimits::usual());
            [$border, $unsettled] = $this->tellAround($windows, $open);
            $moved = array_keys(
                array_filter($border, static fn (Bounds $before, string $id): bool => $windows->bounds($id)->days !== $before->days,
                    ARRAY_FILTER_USE_BOTH));
            $more = [...$unsettled, ...$moved];
            array_push($open, ...$more);
        } while ($more !== []);
        $this->rows()->whereIn('person_id', $open)->delete();
        $this->store($windows, $this->present($open));
    }

    /** Works out everybody, person by person through a cursor. */
    public function rebuild(): void
    {
        $windows = new LifeWindows(LikelyLimits::usual(), remembers: false);
        foreach ($this->everybody->people(self::AT_ONCE) as $ids) {
            $this->evidence->lives($windows, $ids);
            $this->evidence->parents($windows, LifeEvidence::births($this->tree->parentSets($ids)));
        }
        $windows->settle();
        $this->rows()->delete();
        foreach ($this->everybody->people(self::AT_ONCE) as $ids) {
            $this->store($windows, $ids);
        }
    }

    /**
     * Whoever's bounds follow from somebody's, and from theirs in turn.
     *
     * @param  list<string>  $ids
     * @return list<string>
     */
    private function following(array $ids): array
    {
        $all = array_fill_keys($ids, true);
        for ($new = $ids; $new !== [] && count($all) <= self::MANY;) {
            $next = $this->rows()->whereRaw("sources <> '{}' AND sources && ?::uuid[]", ['{'.implode(',', $new).'}'])->pluck('person_id')
                ->all();
            $new = array_values(array_filter($next, static fn (string $id): bool => ! isset($all[$id])));
            $all += array_fill_keys($new, true);
        }

        return array_keys($all);
    }

    /**
     * @param  list<string>  $open
     * @return array{array<string, Bounds>, list<string>} the bounds of those around them, who stay as they are unless these move them;
     *     and those around them of whom nothing was settled yet
     */
    private function tellAround(LifeWindows $windows, array $open): array
    {
        $isOpen = array_fill_keys($open, true);
        $births = array_values(
            array_filter(LifeEvidence::births(
                $this->tree->parentSets(array_values(array_unique([...$open, ...$this->evidence->childrenOf($open)])))),
                static fn (array $birth): bool => isset($isOpen[$birth[0]]) || isset($isOpen[$birth[1]])));
        $around = array_values(array_unique(array_filter(array_merge(...$births), static fn (string $id): bool => ! isset($isOpen[$id]))));
        $border = $this->of($around);
        $this->evidence->lives($windows, $this->present($open));
        foreach ($border as $id => $bounds) {
            $windows->given($id, $bounds);
        }
        $this->evidence->parents($windows, $births);

        return [$border, array_values(array_diff($around, array_keys($border)))];
    }

    /**
     * @param  list<string>  $ids
     * @return list<string> those who are in the tree
     */
    private function present(array $ids): array
    {
        return array_values(
            array_map(strval(...), DB::table('people')->where('tree_id', $this->current->id())->whereIn('id', $ids)->orderBy('id')
                ->pluck('id')->all()));
    }

    /** @param  list<string>  $ids */
    private function store(LifeWindows $windows, array $ids): void
    {
        $rows = array_map(fn (string $id): array => ['tree_id' => $this->current->id(), 'person_id' => $id]
            + array_combine(self::COLUMNS, $windows->bounds($id)
                ->days) + ['sources' => '{'.implode(',', $windows->sources($id)).'}'], $ids);
        count($rows) < 20 ? DB::table('life_windows')->insertOrIgnore($rows) : CopyRows::into('life_windows', $rows);
    }

    private static function bounds(stdClass $row): Bounds
    {
        return new Bounds(array_map(static fn (string $column): ?int => $row->{$column}, self::COLUMNS));
    }

    private function rows(): Builder
    {
        return DB::table('life_windows')->where('tree_id', $this->current->id());
    }
}
