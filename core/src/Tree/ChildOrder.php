<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** Children by date: those that are dated take the dated places in order of birth, an undated child stays where it was put. */
final class ChildOrder
{
    /**
     * @param  list<array{string, int|null}>  $children id and day of birth, in hand order
     * @return list<string>
     */
    public static function byDate(array $children): array
    {
        $dated = array_values(array_filter($children, static fn (array $child): bool => $child[1] !== null));
        usort($dated, static fn (array $a, array $b): int => $a[1] <=> $b[1]);
        $ordered = [];
        foreach ($children as [$id, $day]) {
            $ordered[] = $day === null ? $id : array_shift($dated)[0] ?? $id;
        }

        return $ordered;
    }
}
