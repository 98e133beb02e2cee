<?php

declare(strict_types=1);

namespace NorthBough\Core\Family;

use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Standing;

/** Steps that tie children to parents, as several commands take them. */
final readonly class ParentSteps
{
    private CoupleSteps $couples;

    public function __construct(private FamilyDraft $draft)
    {
        $this->couples = new CoupleSteps($draft);
    }

    /** @throws FamilyRefused when the parent stands below the child */
    public function refuseLoop(string $childId, string $parentId): void
    {
        if ($childId === $parentId || $this->draft->graph->isAbove($childId, $parentId)) {
            throw new FamilyRefused(FamilyProblem::OwnAncestor);
        }
    }

    public function parent(ParentSetTie $set, string $personId, ParentageKind $kind, Standing $standing = Standing::Unweighed): void
    {
        $this->draft->add(new ParentTie($this->draft->newId(), $set->id, $personId, $kind, $standing));
    }

    /**
     * Adds a parent to the set of this kind that has room, or begins a new set. Who was ruled out holds no place, and
     * stays where they are with why.
     *
     * @return string the couple that the parent is now in
     *
     * @throws FamilyRefused when they are parent and child already, or two parents by birth lead
     */
    public function add(string $childId, string $parentId, ParentageKind $kind, Standing $standing): string
    {
        $graph = $this->draft->graph;
        $this->refuseLoop($childId, $parentId);
        if (array_filter($graph->tiesBetween($childId, $parentId), static fn (ParentTie $tie): bool => $tie->counts()) !== []) {
            throw new FamilyRefused(FamilyProblem::ParentAlready);
        }
        if ($kind === ParentageKind::Birth && $standing->mayLead() && count($graph->leadingByBirth($childId)) > 1) {
            throw new FamilyRefused(FamilyProblem::TwoParentsByBirth);
        }
        foreach ($standing->mayLead() ? $graph->leadingSetsOfKind($childId, $kind) : [] as $set) {
            if ($graph->hasRoom($set) && count($graph->partners($set->coupleId)) < 2) {
                $this->couples->join($set->coupleId, $parentId);

                return $set->coupleId;
            }
        }

        return $this->addAlone($childId, $parentId, $kind, $standing);
    }

    /**
     * Adds a parent whom a record names. With the other parent in a couple already, the child belongs to that couple; a
     * couple of the parent with nobody known takes the child before a new one is begun.
     */
    public function addNamed(string $childId, string $parentId, Standing $standing): string
    {
        $graph = $this->draft->graph;
        $this->refuseLoop($childId, $parentId);
        $set = $graph->leadingSetsOfKind($childId, ParentageKind::Birth)[0] ?? null;
        $others = $set === null ? []
            : array_values(array_filter($graph->parentsIn($set->id), static fn (ParentTie $tie): bool => $tie->leads()));
        $couple = $others === [] ? '' : $graph->coupleOf($others[0]->personId, $parentId);
        if ($set === null || $couple === '' || $couple === $set->coupleId || ! $standing->mayLead() || ! $graph->hasRoom($set)) {
            return $this->add($childId, $parentId, ParentageKind::Birth, $standing);
        }
        $this->draft->change($set, $set->in($couple));
        $this->parent($set, $parentId, ParentageKind::Birth);
        $this->couples->tidyAlone($set->coupleId);

        return $couple;
    }

    /** Begins a set of its own for a parent, and brings the parents by birth who lead together in one. */
    private function addAlone(string $childId, string $parentId, ParentageKind $kind, Standing $standing): string
    {
        $coupleId = $standing->mayLead() ? $this->couples->alone($parentId) : $this->couples->begin($parentId);
        $there = $this->setIn($childId, $coupleId);
        if ($there !== null && in_array($parentId, array_column($this->draft->graph->parentsIn($there->id), 'personId'), true)) {
            // They were ruled out there, and stay so.
            [$coupleId, $there] = [$this->couples->begin($parentId), null];
        }
        $this->parent($there ?? $this->begin($childId, $coupleId, $kind, $standing), $parentId, $kind, $standing);
        $gathered = $this->gather($childId);

        return $gathered === '' ? $coupleId : $gathered;
    }

    /**
     * Makes somebody a child of a couple, and of its partners who count.
     *
     * @throws FamilyRefused
     */
    public function addToCouple(string $childId, string $coupleId, ParentageKind $kind): void
    {
        if ($this->setIn($childId, $coupleId) !== null) {
            throw new FamilyRefused(FamilyProblem::ParentsAlready);
        }
        if ($kind === ParentageKind::Birth && $this->draft->graph->leadingSetsOfKind($childId, $kind) !== []) {
            throw new FamilyRefused(FamilyProblem::SecondParentsByBirth);
        }
        $set = $this->begin($childId, $coupleId, $kind, Standing::Unweighed);
        foreach ($this->draft->graph->partnerIds($coupleId) as $parentId) {
            $this->parent($set, $parentId, $kind);
        }
    }

    /**
     * Two parents by birth who lead stand in one set, whatever sets they came by; who was ruled out, and rivals, stay in
     * theirs.
     *
     * @return string the couple; empty where nothing had to be brought together
     */
    public function gather(string $childId): string
    {
        $leading = $this->draft->graph->leadingByBirth($childId);
        $left = array_values(array_unique(array_column($leading, 'setId')));
        if (count($leading) !== 2 || count($left) === 1) {
            return '';
        }
        [$first, $last] = $leading;
        $couple = $this->draft->graph->coupleOf($first->personId, $last->personId);
        $couple = $couple === '' ? $this->couples->beginOfTwo($first->personId, $last->personId) : $couple;
        $there = $this->setIn($childId, $couple);
        if ($there !== null && $this->wereToldIn($there, $leading)) {
            return '';
        }
        $set = $there ?? $this->begin($childId, $couple, ParentageKind::Birth, Standing::Unweighed);
        foreach ($leading as $parent) {
            $this->draft->change($parent, $parent->in($set->id));
        }
        foreach (array_diff($left, [$set->id]) as $id) {
            $before = $this->draft->graph->set($id);
            if ($this->draft->graph->parentsIn($id) === []) {
                $this->draft->remove($before);
                $this->couples->tidyAlone($before->coupleId);
            }
        }
        $this->lead($this->draft->graph->set($set->id));

        return $couple;
    }

    /**
     * Whether one of these stands in a set by another tie already, such as one that was ruled out.
     *
     * @param  list<ParentTie>  $parents
     */
    private function wereToldIn(ParentSetTie $set, array $parents): bool
    {
        $others = array_udiff($this->draft->graph->parentsIn($set->id), $parents,
            static fn (ParentTie $a, ParentTie $b): int => $a->id <=> $b->id);

        return array_intersect(array_column($others, 'personId'), array_column($parents, 'personId')) !== [];
    }

    /** Lets a set count in charts and numbers, which is no judgement of truth. */
    public function lead(ParentSetTie $set): void
    {
        $this->unlead($set->childId, $set->id);
        $this->draft->change($set, $set->leading(true));
    }

    /** Takes a child from a couple; the next set leads in the place of one that led. */
    public function unlink(ParentSetTie $set): void
    {
        $this->draft->remove($set);
        $graph = $this->draft->graph;
        $sets = $graph->setsOf($set->childId);
        usort($sets, static fn (ParentSetTie $a, ParentSetTie $b): int => [! $graph->counts($a), $a->position,
            $a->id] <=> [! $graph->counts($b), $b->position, $b->id]);
        if ($set->leads && $sets !== []) {
            $this->draft->change($sets[0], $sets[0]->leading(true));
        }
        $this->couples->tidy($set->coupleId);
    }

    public function setIn(string $childId, string $coupleId): ?ParentSetTie
    {
        foreach ($this->draft->graph->setsOf($childId) as $set) {
            if ($set->coupleId === $coupleId) {
                return $set;
            }
        }

        return null;
    }

    public function begin(string $childId, string $coupleId, ParentageKind $kind, Standing $standing): ParentSetTie
    {
        $graph = $this->draft->graph;
        $sets = $graph->setsOf($childId);
        $leads = $standing->mayLead()
            && array_filter($graph->leadingSets($childId), static fn (ParentSetTie $set): bool => $set->leads) === [];
        $leads && $this->unlead($childId, '');
        $set = new ParentSetTie(
            $this->draft->newId(), $childId, $coupleId, $kind, $leads || $sets === [], CoupleSteps::next(array_column($sets, 'position')),
        );
        $this->draft->add($set);

        return $set;
    }

    private function unlead(string $childId, string $butSetId): void
    {
        foreach ($this->draft->graph->setsOf($childId) as $set) {
            if ($set->leads && $set->id !== $butSetId) {
                $this->draft->change($set, $set->leading(false));
            }
        }
    }
}
