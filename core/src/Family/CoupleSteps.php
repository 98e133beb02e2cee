<?php

declare(strict_types=1);

namespace NorthBough\Core\Family;

use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Standing;

/** Steps that make, fill and end couples, as several commands take them. */
final readonly class CoupleSteps
{
    public function __construct(private FamilyDraft $draft)
    {
    }

    /** @return string id of the new couple, of these partners */
    public function begin(string ...$personIds): string
    {
        $couple = new Couple($this->draft->newId());
        $this->draft->add($couple);
        foreach ($personIds as $personId) {
            $this->partner($couple->id, $personId);
        }

        return $couple->id;
    }

    /** @throws FamilyRefused where they are one and the same */
    public function beginOfTwo(string $partnerId, string $otherId): string
    {
        return $partnerId === $otherId ? throw new FamilyRefused(FamilyProblem::OwnPartner) : $this->begin($partnerId, $otherId);
    }

    /** A couple of somebody with a partner who is not known, or a new one. */
    public function alone(string $personId): string
    {
        $graph = $this->draft->graph;
        $couples = $graph->couplesOf($personId);
        sort($couples);
        foreach ($couples as $coupleId) {
            if (count($graph->partners($coupleId)) === 1) {
                return $coupleId;
            }
        }

        return $this->begin($personId);
    }

    /**
     * Makes somebody a partner of a couple that has room, and a parent of those of its children who lack one.
     *
     * @throws FamilyRefused
     */
    public function join(string $coupleId, string $personId): void
    {
        $graph = $this->draft->graph;
        if (count($graph->partners($coupleId)) > 1) {
            throw new FamilyRefused(FamilyProblem::CoupleIsFull);
        }
        foreach ($graph->allPartners($coupleId) as $tie) {
            if ($tie->personId === $personId) {
                throw new FamilyRefused($tie->counts() ? FamilyProblem::PartnerAlready : FamilyProblem::PartnerRuledOut);
            }
        }
        $parents = new ParentSteps($this->draft);
        foreach ($graph->setsIn($coupleId) as $set) {
            if (! $graph->hasRoom($set) || ($set->kind === ParentageKind::Birth && count($graph->leadingByBirth($set->childId)) > 1)) {
                continue;
            }
            $parents->refuseLoop($set->childId, $personId);
            $parents->parent($set, $personId, $set->kind);
        }
        $this->partner($coupleId, $personId);
    }

    public function partner(string $coupleId, string $personId): void
    {
        $graph = $this->draft->graph;
        $this->draft->add(new Partnership(
            $this->draft->newId(), $coupleId, $personId,
            PartnerSlot::free(array_column($graph->partners($coupleId), 'slot'), $graph->sex($personId)),
            self::next(array_column($graph->partnershipsOf($personId), 'position')),
        ));
    }

    /**
     * Takes a partner out of a couple, and with it the tie to the couple's children.
     */
    public function unlink(Partnership $tie): void
    {
        foreach ($this->draft->graph->setsIn($tie->coupleId) as $set) {
            foreach ($this->draft->graph->parentsIn($set->id) as $parent) {
                $parent->personId === $tie->personId && $this->draft->remove($parent);
            }
        }
        $this->draft->remove($tie);
        $this->tidy($tie->coupleId);
    }

    /** A couple that ties nobody to anybody any more, and of which nothing is told, goes. */
    public function tidy(string $coupleId): void
    {
        $graph = $this->draft->graph;
        $couple = $graph->couple($coupleId);
        if (! $couple->isTold() && count($graph->allPartners($coupleId)) + count($graph->setsIn($coupleId)) < 2) {
            $this->draft->remove($couple);
        }
    }

    /** A couple that was begun for one child alone, and of which nothing is left. */
    public function tidyAlone(string $coupleId): void
    {
        $couple = $this->draft->graph->couple($coupleId);
        if (! $couple->isTold() && $this->draft->graph->setsIn($coupleId) === []) {
            $this->draft->remove($couple);
        }
    }

    /**
     * How it stands that somebody was a partner. One who is ruled out stays, with why, and counts nowhere.
     *
     * @throws FamilyRefused when it is to be ruled out without a reason, when nobody would be left, or when somebody else has the place
     */
    public function stand(Partnership $tie, Standing $standing, string $why): void
    {
        $others = array_values(
            array_filter($this->draft->graph->partners($tie->coupleId),
                static fn (Partnership $otherPartnership): bool => $otherPartnership->id !== $tie->id));
        match (true) {
            $standing === Standing::RuledOut && $why === '' => throw new FamilyRefused(FamilyProblem::NoReason),
            $standing === Standing::RuledOut && $others === [] => throw new FamilyRefused(FamilyProblem::NobodyLeft),
            ! $tie->counts() && count($others) > 1 => throw new FamilyRefused(FamilyProblem::PlaceTaken),
            default => null,
        };
        $isTaken = $standing !== Standing::RuledOut && in_array($tie->slot, array_column($others, 'slot'), true);
        $this->draft->change($tie, $tie->standing($standing, $isTaken ? $tie->slot->other() : $tie->slot));
    }

    /** @param  list<int>  $positions */
    public static function next(array $positions): int
    {
        return 1 + ($positions === [] ? 0 : max($positions));
    }
}
