<?php

declare(strict_types=1);

namespace App\Trees\Doubles;

use App\Trees\Exchange\Progress;
use App\Trees\Scope\CurrentTree;
use App\Trees\Storage\CopyRows;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Linkage\Doubles\Clusters;
use NorthBough\Core\Linkage\Doubles\DoubleFinder;
use NorthBough\Core\Linkage\Doubles\ScoredPair;
use NorthBough\Core\Linkage\Doubles\WorkingLine;

/** Looks through a tree for people who stand in it twice, and keeps the pairs in place of those that were found before. */
final readonly class FindDoubles
{
    /** Pairs that are less likely are not kept. */
    public const LEAST = 0.1;

    public function __construct(private CurrentTree $current, private PeopleToLink $people, private Rulings $rulings,
        private StoredModel $model)
    {
    }

    /**
     * @param  list<string>|null  $scope  ids of those whose doubles are looked for; null for everybody
     *
     * @throws \App\Trees\Exchange\Cancelled
     */
    public function run(Progress $progress, ?array $scope = null): DoubleScan
    {
        $begun = microtime(true);
        $progress->report(1, 'Reading the tree');
        $table = $this->people->all();
        foreach ($this->rulings->apart() as [$a, $b]) {
            if (isset($table->numbers[$a], $table->numbers[$b])) {
                $table->apart($a, $b);
            }
        }
        $known = $scope === null ? null : array_values(array_filter($scope, static fn (string $id): bool => isset($table->numbers[$id])));
        $finder = new DoubleFinder($table, static fn (float $far) => $progress->report(max(10, min(95, (int) (100 * $far))),
            'Comparing people'), $known === null ? null : array_fill_keys(array_map($table->number(...), $known), true), new TwoProcesses,
            $known === null ? null : $this->model->last($table->size()));
        $pairs = $finder->find(self::LEAST);
        DB::transaction(function () use ($pairs, $known, $finder): void {
            $this->keep($pairs, $known);
            $known !== null || $this->model->keep($finder->model);
        });

        return new DoubleScan($pairs, count($known ?? $table->ids), $finder->candidates, microtime(true) - $begun,
            array_flip($known ?? []));
    }

    /**
     * @param  list<ScoredPair>  $pairs
     * @param  list<string>|null  $scope
     */
    private function keep(array $pairs, ?array $scope): void
    {
        $before = DB::table('double_pairs')->where('tree_id', $this->current->id());
        if ($scope === null) {
            $before->delete();
        } else {
            foreach (array_chunk($scope, 5000) as $ids) {
                (clone $before)->where(static fn ($either) => $either->whereIn('a_id', $ids)->orWhereIn('b_id', $ids))->delete();
            }
        }
        $clusters = Clusters::of(array_map(static fn (ScoredPair $pair): array => [$pair->a, $pair->b],
            array_values(array_filter($pairs, static fn (ScoredPair $pair): bool => $pair->probability >= 0.5))));
        $sizes = array_count_values($clusters);
        foreach (array_chunk($pairs, 5000) as $some) {
            CopyRows::into('double_pairs', array_map(fn (ScoredPair $pair): array => [
                'tree_id' => $this->current->id(), 'a_id' => $pair->a, 'b_id' => $pair->b,
                'probability' => (string) round($pair->probability, 6),
                'working' => json_encode(array_map(self::line(...), $pair->working), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
                'cluster_id' => $clusters[$pair->a] ?? $pair->a, 'cluster_size' => min(999, $sizes[$clusters[$pair->a] ?? ''] ?? 2),
            ], $some));
        }
    }

    /** @return array{aspect: string, weight: float, says: string} */
    public static function line(WorkingLine $line): array
    {
        return ['aspect' => $line->aspect->value, 'weight' => round($line->weight, 2), 'says' => $line->says];
    }
}
