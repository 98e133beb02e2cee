<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Command;

use NorthBough\Core\Family\CoupleSteps;
use NorthBough\Core\Family\FamilyCommand;
use NorthBough\Core\Family\FamilyDraft;
use NorthBough\Core\Family\Reach;
use NorthBough\Core\Family\TieChanges;

/** Begins a couple of two people. */
final readonly class AddPartner implements FamilyCommand
{
    public function __construct(private string $personId, private string $partnerId)
    {
    }

    public function reach(): Reach
    {
        return Reach::people($this->personId, $this->partnerId);
    }

    public function on(FamilyDraft $draft): TieChanges
    {
        return $draft->done((new CoupleSteps($draft))->beginOfTwo($this->personId, $this->partnerId));
    }
}
