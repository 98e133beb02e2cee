<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Command;

use NorthBough\Core\Family\FamilyCommand;
use NorthBough\Core\Family\FamilyDraft;
use NorthBough\Core\Family\Reach;
use NorthBough\Core\Family\TieChanges;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Standing;

/** What follows where the ground of ties was false: some are ruled out, of others the proof is open again. */
final readonly class DropParents implements FamilyCommand
{
    /**
     * @param  list<string>  $ruledOut  ids of ParentTies
     * @param  list<string>  $unproved  ids of ParentTies
     */
    public function __construct(private array $ruledOut, private array $unproved)
    {
    }

    public function reach(): Reach
    {
        return Reach::people()->parents(...$this->ruledOut, ...$this->unproved);
    }

    public function on(FamilyDraft $draft): TieChanges
    {
        foreach ($this->ruledOut as $id) {
            $tie = $draft->graph->parent($id);
            $draft->change($tie, $tie->counts() ? $tie->standing(Standing::RuledOut)->proved(Proof::Unstated) : $tie);
        }
        foreach ($this->unproved as $id) {
            $draft->change($draft->graph->parent($id), $draft->graph->parent($id)->proved(Proof::Unresolved));
        }

        return $draft->done();
    }
}
