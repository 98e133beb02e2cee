<?php

declare(strict_types=1);

namespace App\Trees\Doubles;

use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Naming\SearchForm;

/** The pairs that the last search found and those that were ruled on, with the people they are of. */
final readonly class StoredPairs
{
    public function __construct(private CurrentTree $current)
    {
    }

    /** Those that were found and those that were ruled on, which no search finds again. */
    public function all(): Builder
    {
        return $this->of($this->found()->unionAll($this->ruledAndNotFound()));
    }

    /** Pairs that the last search found. */
    private function found(): Builder
    {
        return DB::table('double_pairs')->where('double_pairs.tree_id', $this->current->id())
            ->leftJoin('pair_rulings', static fn ($join) => $join->on('pair_rulings.tree_id', 'double_pairs.tree_id')
                ->where('pair_rulings.rule', Rulings::RULE)
                ->whereRaw("pair_rulings.read_hash = md5(double_pairs.a_id || ' ' || double_pairs.b_id)"))
            ->select(['double_pairs.tree_id', 'a_id', 'b_id', 'probability', 'working', 'cluster_size', 'ruling', 'reason']);
    }

    private function ruledAndNotFound(): Builder
    {
        return DB::table('pair_rulings')->where('pair_rulings.tree_id', $this->current->id())->where('rule', Rulings::RULE)
            ->whereNotExists(static fn (Builder $query) => $query->selectRaw('1')->from('double_pairs')
                ->whereColumn('double_pairs.tree_id', 'pair_rulings.tree_id')
                ->whereRaw("pair_rulings.read_hash = md5(double_pairs.a_id || ' ' || double_pairs.b_id)"))
            ->selectRaw('pair_rulings.tree_id, (subjects->>0)::uuid, (subjects->>1)::uuid')
            ->selectRaw("0::float8, '[]'::jsonb, 2::smallint, ruling, reason");
    }

    private function of(Builder $pairs): Builder
    {
        return DB::query()->fromSub($pairs, 'pairs')
            ->join('person_lines as one', static fn ($join) => $join->on('one.tree_id', 'pairs.tree_id')->on('one.person_id', 'pairs.a_id'))
            ->join('person_lines as two', static fn ($join) => $join->on('two.tree_id', 'pairs.tree_id')->on('two.person_id', 'pairs.b_id'))
            ->select(['a_id', 'b_id', 'probability', 'working', 'cluster_size', 'ruling', 'reason', 'one.number as a_number',
                'two.number as b_number']);
    }

    /**
     * @param  Ruling|null  $ruling  null for those that nobody ruled on
     * @param  string  $words  all of which the name of either must have
     */
    public function ruled(?Ruling $ruling, string $words): Builder
    {
        $query = $ruling === null ? $this->of($this->found()->whereNull('ruling')) : $this->all()->where('ruling', $ruling->value);
        foreach (array_filter(explode(' ', SearchForm::of($words))) as $word) {
            $query->where(static fn ($either) => $either->where('one.search', 'like', "%{$word}%")
                ->orWhere('two.search', 'like', "%{$word}%"));
        }

        return $query;
    }

    /** Those on which nobody ruled that are as likely as that, the likeliest first. */
    public function likely(float $least, string $words): Builder
    {
        return $this->ruled(null, $words)->where('probability', '>=', $least)->orderByDesc('probability')->orderBy('a_id')->orderBy('b_id');
    }
}
