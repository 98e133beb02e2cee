<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Command;

use NorthBough\Core\Family\FamilyCommand;
use NorthBough\Core\Family\FamilyDraft;
use NorthBough\Core\Family\ParentSteps;
use NorthBough\Core\Family\ParentTie;
use NorthBough\Core\Family\Reach;
use NorthBough\Core\Family\TieChanges;
use NorthBough\Core\Tree\Standing;

/** Settles who were the parents of somebody by birth: no more than two lead, and those who lead stand together. */
final readonly class SettleParents implements FamilyCommand
{
    /**
     * @param  list<SettledParent>  $settled  in the order in which they are
     * @param  list<string>  $keeps  parents who stood there and stay, unweighed
     * @param  list<string>  $yields  parents who become rivals, the last first, as long as more than two lead
     */
    public function __construct(private string $childId, private array $settled, private array $keeps, private array $yields)
    {
    }

    public function reach(): Reach
    {
        return Reach::people($this->childId, ...array_column($this->settled, 'parentId'), ...$this->keeps, ...$this->yields);
    }

    public function on(FamilyDraft $draft): TieChanges
    {
        $parents = new ParentSteps($draft);
        foreach ($this->settled as $settled) {
            if ($settled->isAdded && $draft->graph->tiesBetween($this->childId, $settled->parentId) === []) {
                $parents->addNamed($this->childId, $settled->parentId,
                    $settled->standing === Standing::Rival ? Standing::Rival : Standing::Unweighed);
            }
            $this->settle($draft, $settled->parentId, static fn (ParentTie $tie): ParentTie => $tie->standing($settled->standing)
                ->proved($settled->proof));
        }
        foreach ($this->keeps as $parentId) {
            $this->settle($draft, $parentId, static fn (ParentTie $tie): ParentTie => $tie->standing(Standing::Unweighed));
        }
        foreach (array_reverse($this->yields) as $parentId) {
            if (count($draft->graph->leadingByBirth($this->childId)) > 2) {
                $this->settle($draft, $parentId, static fn (ParentTie $tie): ParentTie => $tie->standing(Standing::Rival));
            }
        }
        $parents->gather($this->childId);

        return $draft->done();
    }

    /** @param  callable(ParentTie): ParentTie  $to */
    private function settle(FamilyDraft $draft, string $parentId, callable $to): void
    {
        $tie = $draft->graph->tiesBetween($this->childId, $parentId)[0] ?? null;
        if ($tie !== null) {
            $draft->change($tie, $to($tie));
        }
    }
}
