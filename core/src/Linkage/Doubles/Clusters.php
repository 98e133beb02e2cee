<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

/** Pairs that hang together: three or four entries that are all one person. */
final class Clusters
{
    /**
     * @param  list<array{string, string}>  $pairs  ids
     * @return array<string, string> by id: the id that stands for its cluster, the least of all in it
     */
    public static function of(array $pairs): array
    {
        $above = [];
        $top = static function (string $id) use (&$above): string {
            while (($above[$id] ?? $id) !== $id) {
                $id = $above[$id] = $above[$above[$id]] ?? $above[$id];
            }

            return $id;
        };
        foreach ($pairs as [$a, $b]) {
            [$a, $b] = [$top($a), $top($b)];
            [$least, $other] = $a <= $b ? [$a, $b] : [$b, $a];
            $above[$least] = $least;
            $above[$other] = $least;
        }
        $clusters = [];
        foreach ($pairs as $pair) {
            foreach ($pair as $id) {
                $clusters[$id] = $top($id);
            }
        }

        return $clusters;
    }
}
