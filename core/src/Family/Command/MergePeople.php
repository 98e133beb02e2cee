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
            $there = self::tieOf($this->keptId, $draft->graph->parentsIn($tie->setId));
            $there === null ? $draft->change($tie, $tie->of($this->keptId)) : $draft->merge($tie, $there);
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
        $there = self::tieOf($this->keptId, $draft->graph->allPartners($tie->coupleId));
        if ($there !== null) {
            $draft->merge($tie, $there);

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
                $there = self::tieOf($tie->personId, $draft->graph->leadingByBirth($this->keptId), $tie->id);
                $there === null ? $draft->remove($tie) : $draft->merge($tie, $there);
            } elseif ($isBeside && count($known) > 1) {
                $draft->change($tie, $tie->standing(Standing::Rival));
            } else {
                $isBeside && $known[] = $tie->personId;
            }
        }
        $leading = array_values(array_filter($sets, static fn (ParentSetTie $other): bool => $other->leads));
        if ($leading === []) {
            (new ParentSteps($draft))->lead($moved);
        } elseif ($draft->graph->parentsIn($moved->id) === []) {
            $draft->merge($moved, $leading[0]);
            (new CoupleSteps($draft))->tidy($moved->coupleId);
        }
    }

    /** The parents of a set that are not in another go there, and the set goes. */
    private function joinSets(FamilyDraft $draft, ParentSetTie $gone, ParentSetTie $into): void
    {
        foreach ($draft->graph->parentsIn($gone->id) as $tie) {
            $there = self::tieOf($tie->personId, $draft->graph->parentsIn($into->id));
            $there === null ? $draft->change($tie, $tie->in($into->id)) : $draft->merge($tie, $there);
        }
        $draft->merge($gone, $into);
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
            $there = self::tieOf($tie->personId, $draft->graph->allPartners($intoId));
            $there === null ? $draft->change($tie, $tie->in($intoId, $tie->slot)) : $draft->merge($tie, $there);
        }
        $draft->merge($draft->graph->couple($goneId), $draft->graph->couple($intoId));
    }

    /**
     * @template T of Partnership|ParentTie
     *
     * @param  list<T>  $ties
     * @return T|null the tie of somebody among some; null for none
     */
    private static function tieOf(string $personId, array $ties, string $except = ''): Partnership|ParentTie|null
    {
        foreach ($ties as $tie) {
            if ($tie->personId === $personId && $tie->id !== $except) {
                return $tie;
            }
        }

        return null;
    }
}
