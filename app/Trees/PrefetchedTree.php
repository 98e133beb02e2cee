<?php

declare(strict_types=1);

namespace App\Trees;

use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\TreeView;

/** The current tree with the ancestry of some people fetched beforehand, however many generations, in three queries. */
final class PrefetchedTree implements TreeView
{
    /** @var array<string, list<ParentSet>> an empty list is a person without parents */
    private array $sets = [];

    public function __construct(private readonly DatabaseTree $tree)
    {
    }

    public function people(array $ids): array
    {
        return $this->tree->people($ids);
    }

    public function parentSets(array $childIds): array
    {
        $unknown = array_values(array_diff($childIds, array_keys($this->sets)));
        if ($unknown !== []) {
            $above = $this->tree->aboveAll($unknown);
            $this->sets += $this->tree->parentSets($above) + array_fill_keys($above, []);
        }

        return array_filter(array_intersect_key($this->sets, array_flip($childIds)));
    }

    public function unionsOf(array $personIds): array
    {
        return $this->tree->unionsOf($personIds);
    }

    public function unions(array $unionIds): array
    {
        return $this->tree->unions($unionIds);
    }
}
