<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Command;

use NorthBough\Core\Family\CoupleSteps;
use NorthBough\Core\Family\FamilyCommand;
use NorthBough\Core\Family\FamilyDraft;
use NorthBough\Core\Family\Reach;
use NorthBough\Core\Family\TieChanges;

/** Begins a couple of which one partner only is known. */
final readonly class BeginCouple implements FamilyCommand
{
    public function __construct(private string $personId)
    {
    }

    public function reach(): Reach
    {
        return Reach::people($this->personId);
    }

    public function on(FamilyDraft $draft): TieChanges
    {
        return $draft->done((new CoupleSteps($draft))->begin($this->personId));
    }
}
