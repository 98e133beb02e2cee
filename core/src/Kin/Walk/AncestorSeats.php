<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Walk;

use NorthBough\Core\Tree\TreeView;

/** Who sits where in a pedigree of so many generations, by the sets of parents that lead. */
final readonly class AncestorSeats
{
    /**
     * @param  int  $generations  1 is the person alone
     * @return list<AncestorSeat> by number; the first alone where nobody is above
     */
    public static function above(TreeView $tree, string $personId, int $generations): array
    {
        $done = [];
        $row = [new AncestorSeat(1, $personId)];
        for ($generation = 1; $row !== []; $generation++) {
            $isLast = $generation === $generations;
            $parents = ParentSeats::over($tree, $row);
            foreach ($row as $seat) {
                $done[] = $seat->with($parents->setsOf($seat->personId), $isLast && $parents->parentsOf($seat->personId) !== []);
            }
            $row = $isLast ? [] : $parents->above($row);
        }

        return $done;
    }
}
