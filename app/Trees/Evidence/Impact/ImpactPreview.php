<?php

declare(strict_types=1);

namespace App\Trees\Evidence\Impact;

use NorthBough\Core\Evidence\Impact\ConclusionKind;
use NorthBough\Core\Evidence\Impact\Effect;
use NorthBough\Core\Evidence\Impact\Impact;
use NorthBough\Core\Tree\Parentage;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\SupposedTree;
use NorthBough\Core\Tree\Suppositions;
use NorthBough\Core\Tree\TreeView;

/** The result of an impact analysis before anything is changed, with the rows that it would change. */
final readonly class ImpactPreview
{
    /** @param  list<string>  $unweighed  facts that nobody has weighed then */
    public function __construct(public ConclusionLoader $grounds, public Impact $impact, public array $unweighed = [])
    {
    }

    /** Differs whenever something else would follow. */
    public function mark(): string
    {
        $lines = array_map(static fn (Effect $effect): string => "{$effect->conclusion->id} {$effect->outcome->value}",
            $this->impact->effects);
        $void = $this->impact->void;
        sort($lines);
        sort($void);

        return hash('xxh128', implode("\n", [...$lines, ...$void]));
    }

    /** The tree as it would be. */
    public function tree(TreeView $tree): TreeView
    {
        $supposed = Suppositions::none();
        foreach ($this->unweighed as $factId) {
            $supposed = $supposed->eventStands($factId, Standing::Unweighed);
        }
        foreach ($this->impact->gone(ConclusionKind::Fact) as $factId) {
            $supposed = $supposed->eventStands($factId, Standing::RuledOut);
        }
        foreach ($this->impact->void as $claimId) {
            $supposed = $supposed->withoutClaim($claimId);
        }
        $ties = array_map(fn (string $id) => $this->grounds->ties[$id], $this->impact->gone(ConclusionKind::Tie));
        $sets = [];
        foreach ($ties === [] ? [] : $tree->parentSets($this->grounds->children()) as $ofChild) {
            $sets += array_column($ofChild, null, 'id');
        }
        foreach ($ties as $tie) {
            $set = $sets[$tie->parent_set_id] ?? null;
            $parent = array_values(
                array_filter($set->parents ?? [], static fn (Parentage $parent): bool => $parent->personId === $tie->person_id))[0] ?? null;
            if ($set instanceof ParentSet && $parent !== null) {
                $supposed = $supposed->parentIs($set,
                    new Parentage($parent->personId, $parent->kind, Standing::RuledOut, Proof::Unstated, $parent->kindWords,
                        $parent->years));
            }
        }

        return new SupposedTree($tree, $supposed);
    }
}
