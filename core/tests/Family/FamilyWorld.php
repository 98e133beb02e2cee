<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Family;

use NorthBough\Core\Family\FamilyCommand;
use NorthBough\Core\Family\FamilyDraft;
use NorthBough\Core\Family\FamilyGraph;
use NorthBough\Core\Family\FamilyTie;
use NorthBough\Core\Family\NewIds;
use NorthBough\Core\Family\TieChanges;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Snapshot;

/** A family in memory: everybody is in its graph, and ids are counted. Women's keys are capitals. */
final class FamilyWorld implements NewIds
{
    public FamilyGraph $graph;

    private int $last = 0;

    /** @param  list<string>  $people  their keys */
    public function __construct(private readonly array $people, FamilyTie ...$ties)
    {
        $sexes = array_combine($people, array_map(static fn (string $key): Sex => ctype_upper($key[0]) ? Sex::Female : Sex::Male, $people));
        $this->graph = FamilyGraph::of(array_values($ties), $sexes, new Snapshot([], [], []));
    }

    public function next(): string
    {
        return sprintf('t%04d', ++$this->last);
    }

    public function plan(FamilyCommand $command): TieChanges
    {
        return $command->on(new FamilyDraft($this->graph, $this));
    }

    /** Does what a command changes, step by step; the couple that it was about. */
    public function do(FamilyCommand $command): string
    {
        $changes = $this->plan($command);
        foreach ($changes->changes as $change) {
            $this->graph = $this->graph->after($change);
        }

        return $changes->coupleId;
    }

    /** @return list<string> each couple: who counts in it, who was ruled out in brackets, and its children */
    public function couples(): array
    {
        $told = [];
        foreach ($this->coupleIds() as $id) {
            $partners = array_map(static fn ($tie): string => $tie->counts() ? $tie->personId : "({$tie->personId})",
                $this->graph->allPartners($id));
            $children = array_column($this->graph->setsIn($id), 'childId');
            $told[] = trim(implode('+', $partners).': '.implode(' ', $children));
        }

        return $told;
    }

    /** @return list<string> each set of parents of a child: a star where it leads, each parent with how they stand where it was said */
    public function parents(string $childId): array
    {
        $told = [];
        foreach ($this->graph->setsOf($childId) as $set) {
            $parents = array_map(
                static fn ($tie): string => $tie->personId.($tie->standing->value === 'unweighed' ? '' : " {$tie->standing->value}"),
                $this->graph->parentsIn($set->id),
            );
            sort($parents);
            $told[] = ($set->leads ? '*' : '').$set->kind->value.': '.implode(', ', $parents);
        }

        return $told;
    }

    /** @return list<string> */
    public function coupleIds(): array
    {
        $ids = [];
        foreach ($this->people as $person) {
            array_push($ids, ...array_column($this->graph->partnershipsOf($person), 'coupleId'),
                ...array_column($this->graph->setsOf($person), 'coupleId'));
        }
        $ids = array_values(array_unique($ids));
        sort($ids);

        return $ids;
    }
}
