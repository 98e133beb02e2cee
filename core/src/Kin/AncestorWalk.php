<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin;

use NorthBough\Core\Tree\TreeView;

/** Walks up a tree, a generation at a time. */
final readonly class AncestorWalk
{
    public function __construct(private TreeView $tree)
    {
    }

    /** Whether `$ancestorId` stands anywhere above `$personId`, by ties of any kind. Nobody stands above himself. */
    public function isAbove(string $ancestorId, string $personId): bool
    {
        $seen = [];
        $generation = [$personId];
        while ($generation !== []) {
            $next = [];
            foreach ($this->tree->parentSets($generation) as $sets) {
                foreach ($sets as $set) {
                    foreach ($set->parents as $parent) {
                        if ($parent->personId === $ancestorId) {
                            return true;
                        }
                        if (! isset($seen[$parent->personId])) {
                            $seen[$parent->personId] = true;
                            $next[] = $parent->personId;
                        }
                    }
                }
            }
            $generation = $next;
        }

        return false;
    }
}
