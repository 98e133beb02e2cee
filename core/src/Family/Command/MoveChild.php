<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Command;

use NorthBough\Core\Family\CoupleSteps;
use NorthBough\Core\Family\FamilyCommand;
use NorthBough\Core\Family\FamilyDraft;
use NorthBough\Core\Family\FamilyGraph;
use NorthBough\Core\Family\FamilyProblem;
use NorthBough\Core\Family\FamilyRefused;
use NorthBough\Core\Family\ParentSetTie;
use NorthBough\Core\Family\ParentSteps;
use NorthBough\Core\Family\ParentTie;
use NorthBough\Core\Family\Reach;
use NorthBough\Core\Family\TieChanges;

/** Moves a child to another couple; whoever was ruled out as its parent stays so, in a set of the couple that it leaves. */
final readonly class MoveChild implements FamilyCommand
{
    public function __construct(private string $setId, private string $toCoupleId)
    {
    }

    public function reach(): Reach
    {
        return Reach::people()->sets($this->setId)->couples($this->toCoupleId);
    }

    public function on(FamilyDraft $draft): TieChanges
    {
        $set = $draft->graph->set($this->setId);
        $parents = new ParentSteps($draft);
        $this->refuse($draft->graph, $set, $parents);
        $ruledOut = array_values(array_filter($draft->graph->parentsIn($set->id), static fn (ParentTie $tie): bool => ! $tie->counts()));
        $moved = $set->in($this->toCoupleId);
        $draft->change($set, $moved);
        $this->keep($draft, $set, $ruledOut);
        foreach ($draft->graph->parentsIn($set->id) as $tie) {
            $draft->remove($tie);
        }
        foreach ($draft->graph->partnerIds($this->toCoupleId) as $parentId) {
            $parents->parent($moved, $parentId, $set->kind);
        }
        (new CoupleSteps($draft))->tidy($set->coupleId);

        return $draft->done($this->toCoupleId);
    }

    /** @param  list<ParentTie>  $ruledOut */
    private function keep(FamilyDraft $draft, ParentSetTie $set, array $ruledOut): void
    {
        if ($ruledOut === []) {
            return;
        }
        $positions = array_column($draft->graph->setsOf($set->childId), 'position');
        $stays = new ParentSetTie($draft->newId(), $set->childId, $set->coupleId, $set->kind, false, CoupleSteps::next($positions));
        $draft->add($stays);
        foreach ($ruledOut as $tie) {
            $draft->change($tie, $tie->in($stays->id));
        }
    }

    private function refuse(FamilyGraph $graph, ParentSetTie $set, ParentSteps $parents): void
    {
        $there = $parents->setIn($set->childId, $this->toCoupleId);
        if ($there !== null) {
            throw new FamilyRefused($there->id === $set->id || $graph->counts($there) ? FamilyProblem::ParentsAlready
                : FamilyProblem::RuledOutAsParents);
        }
        foreach ($graph->partnerIds($this->toCoupleId) as $parentId) {
            $parents->refuseLoop($set->childId, $parentId);
        }
    }
}
