<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Command;

use NorthBough\Core\Family\CoupleSteps;
use NorthBough\Core\Family\FamilyCommand;
use NorthBough\Core\Family\FamilyDraft;
use NorthBough\Core\Family\FamilyProblem;
use NorthBough\Core\Family\FamilyRefused;
use NorthBough\Core\Family\ParentSteps;
use NorthBough\Core\Family\Partnership;
use NorthBough\Core\Family\Reach;
use NorthBough\Core\Family\TieChanges;

/** Gives somebody's place in a couple to somebody else, with the children of whom they counted as a parent. */
final readonly class ReplacePartner implements FamilyCommand
{
    public function __construct(private string $partnershipId, private string $insteadId)
    {
    }

    public function reach(): Reach
    {
        return Reach::people($this->insteadId)->partnerships($this->partnershipId);
    }

    public function on(FamilyDraft $draft): TieChanges
    {
        $tie = $draft->graph->partnership($this->partnershipId);
        $this->refuse($draft, $tie);
        foreach ($draft->graph->setsIn($tie->coupleId) as $set) {
            // Who was ruled out as a parent stays so, with why; it says nothing of who comes in their place.
            foreach ($draft->graph->parentsIn($set->id) as $parent) {
                $parent->personId === $tie->personId && $parent->counts() && $draft->change($parent, $parent->of($this->insteadId));
            }
        }
        $positions = array_column($draft->graph->partnershipsOf($this->insteadId), 'position');
        $draft->change($tie, $tie->of($this->insteadId, CoupleSteps::next($positions)));

        return $draft->done($tie->coupleId);
    }

    private function refuse(FamilyDraft $draft, Partnership $tie): void
    {
        if (in_array($this->insteadId, array_column($draft->graph->allPartners($tie->coupleId), 'personId'), true)) {
            throw new FamilyRefused(FamilyProblem::PartnerAlready);
        }
        foreach ($draft->graph->setsIn($tie->coupleId) as $set) {
            (new ParentSteps($draft))->refuseLoop($set->childId, $this->insteadId);
            if (in_array($this->insteadId, array_column($draft->graph->parentsIn($set->id), 'personId'), true)) {
                throw new FamilyRefused(FamilyProblem::RuledOutAsParents);
            }
        }
    }
}
