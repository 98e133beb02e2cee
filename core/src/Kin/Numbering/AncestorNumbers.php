<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

use NorthBough\Core\Kin\Walk\AncestorSeat;
use NorthBough\Core\Kin\Walk\ParentSeats;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\TreeView;

/**
 * Ancestors by number: the father of n is 2n, the mother 2n + 1.
 * Source: Michael Eytzinger, Thesaurus principum, 1590; Stephan Kekule von Stradonitz, Ahnentafel-Atlas, 1898.
 */
final readonly class AncestorNumbers
{
    /** The number of the last of them still fits a whole number of 64 bits. */
    public const MOST_GENERATIONS = 60;

    /**
     * @param  int  $generations  1 is the person alone; at most MOST_GENERATIONS
     * @return list<Ancestor> by number
     */
    public static function above(TreeView $tree, string $personId, int $generations, LineChoice $choice): array
    {
        $done = [];
        $first = [];
        $row = [new AncestorSeat(1, $personId)];
        for ($generation = 1; $generation <= $generations && $row !== []; $generation++) {
            $isNew = [];
            foreach ($row as $seat) {
                $isNew[$seat->seat] = ! isset($first[$seat->personId]);
                $first[$seat->personId] ??= $seat->seat;
                $done[] = new Ancestor($seat->personId, (string) $seat->seat, $generation, (string) $first[$seat->personId],
                    $seat->proof->isOpen());
            }
            $told = array_values(array_filter($row, static fn (AncestorSeat $seat): bool => $isNew[$seat->seat]));
            $row = self::over($tree, $told, $choice);
        }

        return $done;
    }

    /**
     * Who stands at a number: the way there is told by it, half of it being the number of the child.
     *
     * @param  string  $number  decimal
     * @return list<string> their id, or none
     */
    public static function at(TreeView $tree, string $personId, string $number, LineChoice $choice): array
    {
        $steps = [];
        for ($at = (int) $number; $at > 1; $at = intdiv($at, 2)) {
            array_unshift($steps, $at);
        }
        $row = (int) $number < 1 || (string) (int) $number !== $number ? [] : [new AncestorSeat(1, $personId)];
        foreach ($steps as $step) {
            $row = array_values(array_filter(self::over($tree, $row, $choice),
                static fn (AncestorSeat $seat): bool => $seat->seat === $step));
        }

        return array_column($row, 'personId');
    }

    /**
     * @param  list<AncestorSeat>  $row
     * @return list<AncestorSeat> their parents who are counted
     */
    private static function over(TreeView $tree, array $row, LineChoice $choice): array
    {
        return array_values(array_filter(ParentSeats::over($tree, $row)->above($row),
            static fn (AncestorSeat $seat): bool => ($choice->adopted || $seat->kind === ParentageKind::Birth)
                && ($choice->unproved || ! $seat->proof->isOpen())));
    }
}
