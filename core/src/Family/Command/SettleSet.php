<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Command;

use NorthBough\Core\Family\FamilyCommand;
use NorthBough\Core\Family\FamilyDraft;
use NorthBough\Core\Family\FamilyGraph;
use NorthBough\Core\Family\FamilyProblem;
use NorthBough\Core\Family\FamilyRefused;
use NorthBough\Core\Family\ParentRuling;
use NorthBough\Core\Family\ParentSetTie;
use NorthBough\Core\Family\ParentSteps;
use NorthBough\Core\Family\ParentTie;
use NorthBough\Core\Family\Reach;
use NorthBough\Core\Family\TieChanges;
use NorthBough\Core\Tree\ParentageKind;

/** Says anew what the parents of a set are to the child: what kind, how it stands, how far it is proved. */
final readonly class SettleSet implements FamilyCommand
{
    /** @param  string  $personId  one parent of the set; empty for all */
    public function __construct(private string $setId, private ParentRuling $ruling, private string $personId = '')
    {
    }

    public function reach(): Reach
    {
        return Reach::people()->sets($this->setId);
    }

    public function on(FamilyDraft $draft): TieChanges
    {
        $set = $draft->graph->set($this->setId);
        $this->refuseSecondBirth($draft->graph, $set);
        $changed = array_values(
            array_filter($draft->graph->parentsIn($set->id),
                fn (ParentTie $tie): bool => in_array($this->personId, ['', $tie->personId], true)));
        if ($this->personId !== '' && $changed === []) {
            throw new FamilyRefused(FamilyProblem::NoParentOfSet);
        }
        foreach ($changed as $tie) {
            $draft->change($tie, $tie->settled($this->ruling));
        }
        $this->refuseThird($draft->graph, $set, $changed);
        $set = $this->call($draft, $set);
        if ($set->leads && $this->ruling->standing?->mayLead() === false) {
            $this->letAnotherLead($draft, $set);
        }

        return $draft->done();
    }

    /** A set is called by what its parents are; where they differ, by birth before anything else. */
    private function call(FamilyDraft $draft, ParentSetTie $set): ParentSetTie
    {
        $kinds = array_column($draft->graph->parentsIn($set->id), 'kind');
        $called = $set->called(in_array(ParentageKind::Birth, $kinds, true) ? ParentageKind::Birth
            : $kinds[0] ?? $this->ruling->kind ?? $set->kind);
        $draft->change($set, $called);

        return $called;
    }

    private function letAnotherLead(FamilyDraft $draft, ParentSetTie $set): void
    {
        $graph = $draft->graph;
        $others = array_values(
            array_filter($graph->setsOf($set->childId),
                static fn (ParentSetTie $otherParentSetTie): bool => $otherParentSetTie->id !== $set->id
                    && $graph->counts($otherParentSetTie)));
        usort($others, static fn (ParentSetTie $a, ParentSetTie $b): int => [$a->position, $a->id] <=> [$b->position, $b->id]);
        if ($others !== [] && array_filter($graph->parentsIn($set->id), static fn (ParentTie $tie): bool => $tie->leads()) === []) {
            (new ParentSteps($draft))->lead($others[0]);
        }
    }

    private function refuseSecondBirth(FamilyGraph $graph, ParentSetTie $set): void
    {
        $others = array_filter($graph->leadingByBirth($set->childId), static fn (ParentTie $tie): bool => $tie->setId !== $set->id);
        if ($this->ruling->kind === ParentageKind::Birth && $others !== []) {
            throw new FamilyRefused(FamilyProblem::OtherParentsByBirth);
        }
    }

    /**
     * Somebody who was ruled out or a rival stands again only where there is a place.
     *
     * @param  list<ParentTie>  $changed
     */
    private function refuseThird(FamilyGraph $graph, ParentSetTie $set, array $changed): void
    {
        $leading = array_column($graph->leadingByBirth($set->childId), 'id');
        if ($this->ruling->standing?->mayLead() === true && count($leading) > 2
            && array_intersect(array_column($changed, 'id'), $leading) !== []) {
            throw new FamilyRefused(FamilyProblem::ThirdParentByBirth);
        }
    }
}
