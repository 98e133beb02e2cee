<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\TreeView;
use NorthBough\Core\Tree\Union;

/** What a numbering needs to know, from any tree. */
final readonly class TreeLineRows implements LineRows
{
    public function __construct(private TreeView $tree)
    {
    }

    public function unionsOf(array $personIds): array
    {
        return array_map(Union::asLived(...), $this->tree->unionsOf($personIds));
    }

    public function leadingSets(array $childIds): array
    {
        return array_filter(array_map(ParentSet::leadingOf(...), $this->tree->parentSets($childIds)),
            static fn (?ParentSet $set): bool => $set !== null);
    }

    public function births(array $personIds): array
    {
        $births = [];
        foreach ($this->tree->lives($personIds) as $id => $person) {
            $span = $person->vitals()->beginning()?->date->span();
            if ($span !== null) {
                $births[(string) $id] = $span;
            }
        }

        return $births;
    }
}
