<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Command;

use NorthBough\Core\Family\FamilyCommand;
use NorthBough\Core\Family\FamilyDraft;
use NorthBough\Core\Family\ParentSteps;
use NorthBough\Core\Family\Reach;
use NorthBough\Core\Family\TieChanges;
use NorthBough\Core\Tree\Standing;

/** Adds a parent by birth whom a record names: with the other parent in a couple already, the child belongs to that couple. */
final readonly class AddParentOfRecord implements FamilyCommand
{
    public function __construct(private string $childId, private string $parentId, private Standing $standing = Standing::Unweighed)
    {
    }

    public function reach(): Reach
    {
        return Reach::people($this->childId, $this->parentId);
    }

    public function on(FamilyDraft $draft): TieChanges
    {
        return $draft->done((new ParentSteps($draft))->addNamed($this->childId, $this->parentId, $this->standing));
    }
}
