<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Command;

use NorthBough\Core\Family\CoupleSteps;
use NorthBough\Core\Family\FamilyCommand;
use NorthBough\Core\Family\FamilyDraft;
use NorthBough\Core\Family\ParentSteps;
use NorthBough\Core\Family\ParentTie;
use NorthBough\Core\Family\Reach;
use NorthBough\Core\Family\TieChanges;
use NorthBough\Core\Tree\ParentageKind;

/** Adds a brother or a sister: a child of the same parents, but for whoever was ruled out for the one. */
final readonly class AddSibling implements FamilyCommand
{
    public function __construct(private string $personId, private string $siblingId)
    {
    }

    public function reach(): Reach
    {
        return Reach::people($this->personId, $this->siblingId);
    }

    public function on(FamilyDraft $draft): TieChanges
    {
        $couple = $this->couple($draft);
        $parents = new ParentSteps($draft);
        foreach ($draft->graph->partnerIds($couple) as $parentId) {
            $parents->refuseLoop($this->siblingId, $parentId);
        }
        $parents->addToCouple($this->siblingId, $couple, ParentageKind::Birth);

        return $draft->done($couple);
    }

    private function couple(FamilyDraft $draft): string
    {
        $couples = new CoupleSteps($draft);
        $set = $draft->graph->leadingSets($this->personId)[0] ?? null;
        if ($set === null) {
            $couple = $couples->begin();
            (new ParentSteps($draft))->addToCouple($this->personId, $couple, ParentageKind::Birth);

            return $couple;
        }
        $told = $draft->graph->parentsIn($set->id);
        if (array_filter($told, static fn (ParentTie $tie): bool => ! $tie->counts()) === []) {
            return $set->coupleId;
        }
        // Whoever was ruled out for the one is no parent of the other thereby.
        $leading = array_values(array_filter($told, static fn (ParentTie $tie): bool => $tie->leads()));

        return $leading === [] ? $couples->begin() : $couples->alone($leading[0]->personId);
    }
}
