<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Command;

use NorthBough\Core\Family\FamilyCommand;
use NorthBough\Core\Family\FamilyDraft;
use NorthBough\Core\Family\ParentSteps;
use NorthBough\Core\Family\Reach;
use NorthBough\Core\Family\TieChanges;

/** Lets a set of parents count in charts and numbers, which is no judgement of truth. */
final readonly class LeadParents implements FamilyCommand
{
    public function __construct(private string $setId)
    {
    }

    public function reach(): Reach
    {
        return Reach::people()->sets($this->setId);
    }

    public function on(FamilyDraft $draft): TieChanges
    {
        (new ParentSteps($draft))->lead($draft->graph->set($this->setId));

        return $draft->done();
    }
}
