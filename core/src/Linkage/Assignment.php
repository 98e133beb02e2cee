<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage;

/**
 * The assignment of rows to columns with the greatest sum, each column taken once at most. An inner loop: packed
 * arrays throughout.
 *
 * The Hungarian method with potentials and shortest augmenting paths, O(rows² × columns): H. W. Kuhn, "The Hungarian
 * method for the assignment problem", Naval Research Logistics Quarterly 2 (1955); J. Munkres (1957).
 */
final class Assignment
{
    /**
     * @param  list<list<float>>  $gain  rows of the same length, none longer than wide
     * @return list<int> the column of each row
     */
    public static function best(array $gain): array
    {
        $rows = count($gain);
        $columns = $rows === 0 ? 0 : count($gain[0]);
        $u = array_fill(0, $rows + 1, 0.0);
        $v = array_fill(0, $columns + 1, 0.0);
        $row = array_fill(0, $columns + 1, 0);
        $way = array_fill(0, $columns + 1, 0);
        for ($i = 1; $i <= $rows; $i++) {
            $row[0] = $i;
            $j0 = 0;
            $least = array_fill(0, $columns + 1, INF);
            $used = array_fill(0, $columns + 1, false);
            do {
                $used[$j0] = true;
                $i0 = $row[$j0];
                $delta = INF;
                $j1 = 0;
                for ($j = 1; $j <= $columns; $j++) {
                    if ($used[$j]) {
                        continue;
                    }
                    $cost = -$gain[$i0 - 1][$j - 1] - $u[$i0] - $v[$j];
                    if ($cost < $least[$j]) {
                        $least[$j] = $cost;
                        $way[$j] = $j0;
                    }
                    if ($least[$j] < $delta) {
                        $delta = $least[$j];
                        $j1 = $j;
                    }
                }
                for ($j = 0; $j <= $columns; $j++) {
                    if ($used[$j]) {
                        $u[$row[$j]] += $delta;
                        $v[$j] -= $delta;
                    } else {
                        $least[$j] -= $delta;
                    }
                }
                $j0 = $j1;
            } while ($row[$j0] !== 0);
            do {
                $j1 = $way[$j0];
                $row[$j0] = $row[$j1];
                $j0 = $j1;
            } while ($j0 !== 0);
        }
        $taken = array_fill(0, $rows, 0);
        for ($j = 1; $j <= $columns; $j++) {
            if ($row[$j] > 0) {
                $taken[$row[$j] - 1] = $j - 1;
            }
        }

        return array_values($taken);
    }
}
