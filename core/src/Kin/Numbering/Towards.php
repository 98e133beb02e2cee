<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

/**
 * Who stands between whoever a line begins with and some of those who descend from them. Numbers that are paths need no more
 * of a line than that, however many others it has.
 */
final readonly class Towards
{
    /**
     * @param  list<string>  $personIds
     * @return array<string, true> whoever the line begins with, those asked for and everybody between, by id; none where nobody
     *     of them descends from it
     */
    public static function between(Lines $lines, string $founderId, array $personIds): array
    {
        $children = [];
        $known = [];
        $row = $personIds;
        while ($row !== []) {
            $known += array_fill_keys($row, true);
            $above = [];
            foreach ($lines->countedParents($row) as $childId => $parentIds) {
                foreach ($parentIds as $parentId) {
                    $children[$parentId][] = (string) $childId;
                    $above[$parentId] = true;
                }
            }
            $row = array_map(strval(...), array_keys(array_diff_key($above, $known)));
        }
        if (! isset($known[$founderId])) {
            return [];
        }
        $between = [];
        $waiting = [$founderId];
        while ($waiting !== []) {
            $id = array_pop($waiting);
            if (! isset($between[$id])) {
                $between[$id] = true;
                array_push($waiting, ...$children[$id] ?? []);
            }
        }

        return $between;
    }
}
