<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Command;

use NorthBough\Core\Family\FamilyCommand;
use NorthBough\Core\Family\FamilyDraft;
use NorthBough\Core\Family\FamilyProblem;
use NorthBough\Core\Family\FamilyRefused;
use NorthBough\Core\Family\Reach;
use NorthBough\Core\Family\TieChanges;

/** Puts the couples of somebody in the order of that life. */
final readonly class OrderCouples implements FamilyCommand
{
    /** @param  list<string>  $partnershipIds */
    public function __construct(private string $personId, private array $partnershipIds)
    {
    }

    public function reach(): Reach
    {
        return Reach::people($this->personId)->partnerships(...$this->partnershipIds);
    }

    public function on(FamilyDraft $draft): TieChanges
    {
        foreach ($this->partnershipIds as $position => $id) {
            $tie = $draft->graph->partnership($id);
            $tie->personId === $this->personId || throw new FamilyRefused(FamilyProblem::NotTheirCouple);
            $draft->change($tie, $tie->at($position));
        }

        return $draft->done();
    }
}
