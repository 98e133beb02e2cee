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

/** Puts the children of a couple in an order of one's own. */
final readonly class OrderChildren implements FamilyCommand
{
    /** @param  list<string>  $childIds  all of them */
    public function __construct(private string $coupleId, private array $childIds)
    {
    }

    public function reach(): Reach
    {
        return Reach::people()->couples($this->coupleId);
    }

    public function on(FamilyDraft $draft): TieChanges
    {
        $sets = array_column($draft->graph->setsIn($this->coupleId), null, 'childId');
        if (count($this->childIds) !== count($sets) || array_diff(array_keys($sets), $this->childIds) !== []) {
            throw new FamilyRefused(FamilyProblem::OtherChildren);
        }
        // The lines that they have in a file stay where they are; only who stands on which changes.
        $places = array_values(array_filter(array_column($sets, 'childPlace'), static fn (int $place): bool => $place >= 0));
        sort($places);
        $next = CoupleSteps::next($places);
        foreach ($this->childIds as $index => $childId) {
            $draft->change($sets[$childId], $sets[$childId]->at($places[$index] ?? $next++));
        }
        $couple = $draft->graph->couple($this->coupleId);
        $draft->change($couple, $couple->orderedByHand());

        return $draft->done($this->coupleId);
    }
}
