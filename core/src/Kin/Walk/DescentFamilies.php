<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Walk;

use NorthBough\Core\Tree\TreeView;
use NorthBough\Core\Tree\Union;

/** The families below somebody, a generation at a time, each person's once however often the line comes to them. */
final readonly class DescentFamilies
{
    /**
     * @param  int  $generations  how many generations of families
     * @param  int  $most  people; once so many were asked about, no further generation is begun
     * @return list<DescentFamily>
     */
    public static function below(TreeView $tree, string $personId, int $generations, int $most): array
    {
        $families = [];
        $seen = [];
        $row = [$personId];
        for ($generation = 1; $generation <= $generations && $row !== [] && count($seen) + count($row) <= $most; $generation++) {
            $seen += array_fill_keys($row, true);
            $next = [];
            $unions = $tree->unionsOf($row);
            foreach ($row as $id) {
                foreach ($unions[$id] ?? [] as $union) {
                    $families[] = new DescentFamily($id, $union, $generation);
                    array_push($next, ...$union->childrenOf($id));
                }
            }
            $row = array_values(array_diff(array_unique($next), array_map(strval(...), array_keys($seen))));
        }

        return $families;
    }

    /**
     * How many children each of some people has, in all their unions.
     *
     * @param  list<string>  $personIds
     * @return array<string, int> by person; those who have no union are missing
     */
    public static function children(TreeView $tree, array $personIds): array
    {
        $counts = [];
        foreach ($tree->unionsOf($personIds) as $id => $unions) {
            $counts[(string) $id] = array_sum(array_map(static fn (Union $union): int => count($union->childrenOf((string) $id)), $unions));
        }

        return $counts;
    }
}
