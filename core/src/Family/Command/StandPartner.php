<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Command;

use NorthBough\Core\Family\CoupleSteps;
use NorthBough\Core\Family\FamilyCommand;
use NorthBough\Core\Family\FamilyDraft;
use NorthBough\Core\Family\Reach;
use NorthBough\Core\Family\TieChanges;
use NorthBough\Core\Tree\Standing;

/** Says how it stands that somebody was a partner in a couple. */
final readonly class StandPartner implements FamilyCommand
{
    public function __construct(private string $partnershipId, private Standing $standing, private string $why)
    {
    }

    public function reach(): Reach
    {
        return Reach::people()->partnerships($this->partnershipId);
    }

    public function on(FamilyDraft $draft): TieChanges
    {
        (new CoupleSteps($draft))->stand($draft->graph->partnership($this->partnershipId), $this->standing, $this->why);

        return $draft->done();
    }
}
