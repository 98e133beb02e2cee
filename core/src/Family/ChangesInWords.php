<?php

declare(strict_types=1);

namespace NorthBough\Core\Family;

use NorthBough\Core\Family\Change\Changed;
use NorthBough\Core\Family\Change\Merged;
use NorthBough\Core\Family\Change\Removed;
use NorthBough\Core\Tree\Standing;

/** The steps of a change to a family as sentences, before they are done. */
final readonly class ChangesInWords
{
    /** @param  array<string, string>  $names  by person, of everybody in the graph */
    public function __construct(private FamilyGraph $graph, private array $names)
    {
    }

    /** @return list<string> what is moved or replaced, then what goes with it */
    public function of(TieChanges $changes): array
    {
        $moved = $gone = [];
        foreach ($changes->changes as $change) {
            if ($change instanceof Changed) {
                array_push($moved, ...$this->changed($change));
            } elseif ($change instanceof Removed && $change->tie instanceof Couple) {
                $gone[] = 'The couple that was only there for this tie goes with it.';
            } elseif ($change instanceof Merged && $change->into instanceof Couple) {
                $gone[] = "Two couples become one: {$this->couple($change->into->id)}.";
            }
        }

        return [...$moved, ...$this->parents($changes), ...$gone, ...$this->replaced($changes)];
    }

    /** @return list<string> */
    private function changed(Changed $change): array
    {
        [$before, $after] = [$change->before, $change->after];

        return match (true) {
            $before instanceof ParentSetTie && $after instanceof ParentSetTie
                && $before->coupleId !== $after->coupleId => [$this->moved($before, $after)],
            $before instanceof Partnership && $after instanceof Partnership && $before->personId !== $after->personId => [
                "{$this->name($after->personId)} takes the place of {$this->name($before->personId)} in this "
                    ."couple{$this->events($before->coupleId)}.",
            ],
            default => [],
        };
    }

    private function moved(ParentSetTie $before, ParentSetTie $after): string
    {
        $siblings = count($this->graph->setsIn($after->coupleId));

        return "{$this->name($before->childId)} leaves {$this->couple($before->coupleId)} and becomes a child of "
            ."{$this->couple($after->coupleId)}".match ($siblings) {
                0 => '.',
                1 => ', beside the one who is there.',
                default => ", beside the {$siblings} who are there.",
            };
    }

    private function events(string $coupleId): string
    {
        return match ($events = $this->graph->couple($coupleId)->events) {
            0 => '',
            1 => ', with its 1 event',
            default => ", with its {$events} events",
        };
    }

    /** @return list<string> who becomes a parent of whom in somebody's place, and who becomes a rival */
    private function parents(TieChanges $changes): array
    {
        $children = $rivals = [];
        foreach ($changes->changes as $change) {
            [$before, $after] = $change instanceof Changed ? [$change->before, $change->after] : [null, null];
            if (! $before instanceof ParentTie || ! $after instanceof ParentTie) {
                continue;
            }
            $child = $this->graph->set($before->setId);
            if ($before->personId !== $after->personId) {
                $children["{$this->name($after->personId)}\n{$this->name($before->personId)}"][] = $child;
            } elseif ($before->leads() && $after->standing === Standing::Rival) {
                $rivals[] = "{$this->name($after->personId)} becomes a rival among the parents of {$this->name($child->childId)}.";
            }
        }
        $sentences = [];
        foreach ($children as $who => $sets) {
            usort($sets, static fn (ParentSetTie $a, ParentSetTie $b): int => [$a->childPlace, $a->id] <=> [$b->childPlace, $b->id]);
            [$is, $was] = explode("\n", $who);
            $of = implode(', ', array_map(fn (ParentSetTie $set): string => $this->name($set->childId), $sets));
            $sentences[] = "{$is} becomes a parent of {$of}, and {$was} is one no longer.";
        }

        return [...$sentences, ...$rivals];
    }

    /** @return list<string> */
    private function replaced(TieChanges $changes): array
    {
        $stay = [];
        foreach ($changes->changes as $change) {
            if ($change instanceof Changed && $change->before instanceof Partnership && $change->after instanceof Partnership
                && $change->before->personId !== $change->after->personId) {
                $stay[] = "{$this->name($change->before->personId)} stays in the tree.";
            }
        }

        return $stay;
    }

    /** The partners of a couple by name. */
    public function couple(string $coupleId): string
    {
        $names = array_map($this->name(...), $this->graph->partnerIds($coupleId));

        return $names === [] ? 'parents who are not known' : implode(' and ', $names);
    }

    public function name(string $personId): string
    {
        return $this->names[$personId] ?? '?';
    }
}
