<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Command;

use NorthBough\Core\Family\FamilyCommand;
use NorthBough\Core\Family\FamilyDraft;
use NorthBough\Core\Family\ParentSteps;
use NorthBough\Core\Family\Reach;
use NorthBough\Core\Family\TieChanges;

/** Takes a child from a set of parents; all stay in the tree. */
final readonly class UnlinkParents implements FamilyCommand
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
        (new ParentSteps($draft))->unlink($draft->graph->set($this->setId));

        return $draft->done();
    }
}
