<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Command;

use NorthBough\Core\Family\FamilyCommand;
use NorthBough\Core\Family\FamilyDraft;
use NorthBough\Core\Family\ParentSteps;
use NorthBough\Core\Family\Reach;
use NorthBough\Core\Family\TieChanges;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Standing;

/** Adds a parent whom somebody names; the couple is that in which the parent then is. */
final readonly class AddParent implements FamilyCommand
{
    public function __construct(
        private string $childId,
        private string $parentId,
        private ParentageKind $kind,
        private Standing $standing = Standing::Unweighed,
    ) {
    }

    public function reach(): Reach
    {
        return Reach::people($this->childId, $this->parentId);
    }

    public function on(FamilyDraft $draft): TieChanges
    {
        return $draft->done((new ParentSteps($draft))->add($this->childId, $this->parentId, $this->kind, $this->standing));
    }
}
