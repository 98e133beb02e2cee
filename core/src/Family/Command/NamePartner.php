<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Command;

use NorthBough\Core\Family\CoupleSteps;
use NorthBough\Core\Family\FamilyCommand;
use NorthBough\Core\Family\FamilyDraft;
use NorthBough\Core\Family\FamilyProblem;
use NorthBough\Core\Family\FamilyRefused;
use NorthBough\Core\Family\Reach;
use NorthBough\Core\Family\TieChanges;

/** Names the partner of a couple in which one was not known; the couple's children are theirs too. */
final readonly class NamePartner implements FamilyCommand
{
    public function __construct(private string $personId, private string $coupleId, private string $partnerId)
    {
    }

    public function reach(): Reach
    {
        return Reach::people($this->personId, $this->partnerId)->couples($this->coupleId);
    }

    public function on(FamilyDraft $draft): TieChanges
    {
        if ($this->personId === $this->partnerId) {
            throw new FamilyRefused(FamilyProblem::OwnPartner);
        }
        if (! in_array($this->personId, $draft->graph->partnerIds($this->coupleId), true)) {
            throw new FamilyRefused(FamilyProblem::NotTheirCouple);
        }
        (new CoupleSteps($draft))->join($this->coupleId, $this->partnerId);

        return $draft->done($this->coupleId);
    }
}
