<?php

declare(strict_types=1);

namespace NorthBough\Core\Family\Command;

use NorthBough\Core\Family\CoupleSteps;
use NorthBough\Core\Family\FamilyCommand;
use NorthBough\Core\Family\FamilyDraft;
use NorthBough\Core\Family\FamilyProblem;
use NorthBough\Core\Family\FamilyRefused;
use NorthBough\Core\Family\ParentSetTie;
use NorthBough\Core\Family\ParentSteps;
use NorthBough\Core\Family\Reach;
use NorthBough\Core\Family\TieChanges;

/** Takes somebody out of every tie; they stay, with all that is told of them alone. */
final readonly class UnlinkEverybody implements FamilyCommand
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
        // Each is looked up when its turn comes: unlinking one can change or take away another.
        while ($sets = $draft->graph->setsOf($this->personId)) {
            usort($sets, static fn (ParentSetTie $a, ParentSetTie $b): int => [$a->leads, $a->id] <=> [$b->leads, $b->id]);
            (new ParentSteps($draft))->unlink($sets[0]);
        }
        while ($ties = $draft->graph->partnershipsOf($this->personId)) {
            (new CoupleSteps($draft))->unlink($ties[0]);
        }

        return $draft->done()->changes === [] ? throw new FamilyRefused(FamilyProblem::NoTie) : $draft->done();
    }
}
