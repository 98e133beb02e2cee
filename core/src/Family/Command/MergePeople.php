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
use NorthBough\Core\Family\Partnership;
use NorthBough\Core\Family\Reach;
use NorthBough\Core\Family\TieChanges;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Standing;

/**
 * Gives the ties of somebody to somebody else, where the two turn out to be one. Parents by birth for whom there is no
 * place become rivals; a tie that both had is had once; couples of the same two become one.
 */
final readonly class MergePeople implements FamilyCommand
{
    public function __construct(private string $keptId, private string $goneId)
    {
    }

    public function reach(): Reach
    {
        return Reach::people($this->keptId, $this->goneId);
    }

    public function on(FamilyDraft $draft): TieChanges
    {
        $this->refuse($draft->graph);
        foreach ($draft->graph->partnershipsOf($this->goneId) as $tie) {
            $this->partnership($draft, $tie);
        }
        foreach ($draft->graph->parentTiesOf($this->goneId) as $tie) {
            $isThere = in_array($this->keptId, array_column($draft->graph->parentsIn($tie->setId), 'personId'), true);
            $isThere ? $draft->remove($tie) : $draft->change($tie, $tie->of($this->keptId));
        }
        foreach ($draft->graph->setsOf($this->goneId) as $set) {
            $this->set($draft, $set);
        }
        $this->joinCouples($draft);
        (new ParentSteps($draft))->gather($this->keptId);
        if ($draft->graph->isAbove($this->keptId, $this->keptId)) {
            throw new FamilyRefused(FamilyProblem::OwnAncestor);
        }

        return $draft->done();
    }

    private function refuse(FamilyGraph $graph): void
    {
        match (true) {
            $this->keptId === $this->goneId => throw new FamilyRefused(FamilyProblem::SamePerson),
            $graph->coupleOf($this->keptId, $this->goneId) !== '' => throw new FamilyRefused(FamilyProblem::OwnPartner),
            $graph->isAbove($this->keptId, $this->goneId),
            $graph->isAbove($this->goneId, $this->keptId) => throw new FamilyRefused(FamilyProblem::OwnAncestor),
            default => null,
        };
    }

    private function partnership(FamilyDraft $draft, Partnership $tie): void
    {
        if (in_array($this->keptId, array_column($draft->graph->allPartners($tie->coupleId), 'personId'), true)) {
            $draft->remove($tie);

            return;
        }
        $positions = array_column($draft->graph->partnershipsOf($this->keptId), 'position');
        $draft->change($tie, $tie->of($this->keptId, CoupleSteps::next($positions)));
    }

    private function set(FamilyDraft $draft, ParentSetTie $set): void
    {
        $same = (new ParentSteps($draft))->setIn($this->keptId, $set->coupleId);
        if ($same !== null) {
            $this->joinSets($draft, $set, $same);

            return;
        }
        $sets = $draft->graph->setsOf($this->keptId);
        $moved = $set->of($this->keptId, CoupleSteps::next(array_column($sets, 'position')));
        $known = array_column($draft->graph->leadingByBirth($this->keptId), 'personId');
        $draft->change($set, $moved);
        foreach ($draft->graph->parentsIn($set->id) as $tie) {
            $isBeside = $tie->kind === ParentageKind::Birth && $tie->leads();
            if ($isBeside && in_array($tie->personId, $known, true)) {
                // The same parent is had already.
                $draft->remove($tie);
            } elseif ($isBeside && count($known) > 1) {
                $draft->change($tie, $tie->standing(Standing::Rival));
            } else {
                $isBeside && $known[] = $tie->personId;
            }
        }
        if (array_filter($sets, static fn (ParentSetTie $otherParentSetTie): bool => $otherParentSetTie->leads) === []) {
            (new ParentSteps($draft))->lead($moved);
        } elseif ($draft->graph->parentsIn($moved->id) === []) {
            $draft->remove($moved);
            (new CoupleSteps($draft))->tidy($moved->coupleId);
        }
    }

    /** The parents of a set that are not in another go there, and the set goes. */
    private function joinSets(FamilyDraft $draft, ParentSetTie $gone, ParentSetTie $into): void
    {
        $there = array_column($draft->graph->parentsIn($into->id), 'personId');
        foreach ($draft->graph->parentsIn($gone->id) as $tie) {
            in_array($tie->personId, $there, true) || $draft->change($tie, $tie->in($into->id));
        }
        $draft->remove($gone);
        $gone->leads && (new ParentSteps($draft))->lead($draft->graph->set($into->id));
    }

    /** Couples of the same two people become one, the first. */
    private function joinCouples(FamilyDraft $draft): void
    {
        $byPartner = [];
        foreach ($draft->graph->couplesOf($this->keptId) as $coupleId) {
            $others = array_values(array_diff($draft->graph->partnerIds($coupleId), [$this->keptId]));
            $before = $others === [] ? '' : ($byPartner[$others[0]] ??= $coupleId);
            if ($before !== '' && $before !== $coupleId) {
                $this->joinCouple($draft, $coupleId, $before);
            }
        }
    }

    private function joinCouple(FamilyDraft $draft, string $goneId, string $intoId): void
    {
        foreach ($draft->graph->setsIn($goneId) as $set) {
            $same = (new ParentSteps($draft))->setIn($set->childId, $intoId);
            $same === null ? $draft->change($set, $set->in($intoId)) : $this->joinSets($draft, $set, $same);
        }
        foreach ($draft->graph->allPartners($goneId) as $tie) {
            $isThere = in_array($tie->personId, array_column($draft->graph->allPartners($intoId), 'personId'), true);
            $isThere ? $draft->remove($tie) : $draft->change($tie, $tie->in($intoId, $tie->slot));
        }
        $draft->merge($draft->graph->couple($goneId), $draft->graph->couple($intoId));
    }
}
