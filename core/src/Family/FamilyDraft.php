<?php

declare(strict_types=1);

namespace NorthBough\Core\Family;

use NorthBough\Core\Family\Change\Added;
use NorthBough\Core\Family\Change\Changed;
use NorthBough\Core\Family\Change\Merged;
use NorthBough\Core\Family\Change\Removed;

/** A change to a family while it is worked out: the graph as it would be, and the steps that lead there. */
final class FamilyDraft
{
    /** @var list<TieChange> */
    private array $changes = [];

    public function __construct(public FamilyGraph $graph, private readonly NewIds $ids)
    {
    }

    public function newId(): string
    {
        return $this->ids->next();
    }

    public function add(FamilyTie $tie): void
    {
        $this->step(new Added($tie));
    }

    public function change(FamilyTie $before, FamilyTie $after): void
    {
        if ($before != $after) {
            $this->step(new Changed($before, $after));
        }
    }

    public function remove(FamilyTie $tie): void
    {
        $this->step(new Removed($tie));
    }

    public function merge(FamilyTie $gone, FamilyTie $into): void
    {
        $this->step(new Merged($gone, $into));
    }

    public function done(string $coupleId = ''): TieChanges
    {
        return new TieChanges($this->changes, $coupleId);
    }

    private function step(TieChange $change): void
    {
        $this->changes[] = $change;
        $this->graph = $this->graph->after($change);
    }
}
