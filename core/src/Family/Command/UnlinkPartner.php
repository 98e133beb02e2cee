<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Command;

use NorthBough\Core\Family\CoupleSteps;
use NorthBough\Core\Family\FamilyCommand;
use NorthBough\Core\Family\FamilyDraft;
use NorthBough\Core\Family\Reach;
use NorthBough\Core\Family\TieChanges;

/** Takes a partner out of a couple, and with it the tie to the couple's children. */
final readonly class UnlinkPartner implements FamilyCommand
{
    public function __construct(private string $partnershipId)
    {
    }

    public function reach(): Reach
    {
        return Reach::people()->partnerships($this->partnershipId);
    }

    public function on(FamilyDraft $draft): TieChanges
    {
        (new CoupleSteps($draft))->unlink($draft->graph->partnership($this->partnershipId));

        return $draft->done();
    }
}
