<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Command;

use NorthBough\Core\Family\CoupleSteps;
use NorthBough\Core\Family\FamilyCommand;
use NorthBough\Core\Family\FamilyDraft;
use NorthBough\Core\Family\FamilyGraph;
use NorthBough\Core\Family\FamilyProblem;
use NorthBough\Core\Family\FamilyRefused;
use NorthBough\Core\Family\ParentSteps;
use NorthBough\Core\Family\Reach;
use NorthBough\Core\Family\TieChanges;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Standing;

/** Adds a child to a couple of somebody, or to them alone; which couple may be left open while there is one at most. */
final readonly class AddChild implements FamilyCommand
{
    /** @param  string  $coupleId  empty where it is left open */
    public function __construct(private string $personId, private string $childId, private string $coupleId, private ParentageKind $kind)
    {
    }

    public function reach(): Reach
    {
        return Reach::people($this->personId, $this->childId)->couples($this->coupleId);
    }

    public function on(FamilyDraft $draft): TieChanges
    {
        $couple = $this->couple($draft->graph);
        $parents = new ParentSteps($draft);
        $isAlone = $couple === '' || count($draft->graph->partners($couple)) === 1;
        if ($isAlone && $this->kind === ParentageKind::Birth && count($draft->graph->leadingByBirth($this->childId)) === 1) {
            // The other parent is known: the two are parents of one child.
            return $draft->done($parents->add($this->childId, $this->personId, $this->kind, Standing::Unweighed));
        }
        $couple = $couple === '' ? (new CoupleSteps($draft))->begin($this->personId) : $couple;
        foreach ($draft->graph->partnerIds($couple) as $parentId) {
            $parents->refuseLoop($this->childId, $parentId);
        }
        $parents->addToCouple($this->childId, $couple, $this->kind);

        return $draft->done($couple);
    }

    /** @return string empty where they have none yet */
    private function couple(FamilyGraph $graph): string
    {
        $couples = $graph->couplesOf($this->personId);

        return match (true) {
            $this->coupleId !== '' => in_array($this->coupleId, $couples, true) ? $this->coupleId
                : throw new FamilyRefused(FamilyProblem::NotTheirCouple),
            count($couples) > 1 => throw new FamilyRefused(FamilyProblem::WhichCouple),
            default => $couples[0] ?? '',
        };
    }
}
