<?php

declare(strict_types=1);

namespace NorthBough\Core\Join;

use NorthBough\Core\Family\Change\Changed;
use NorthBough\Core\Family\Change\Merged;
use NorthBough\Core\Family\Change\Removed;
use NorthBough\Core\Family\Couple;
use NorthBough\Core\Family\FamilyGraph;
use NorthBough\Core\Family\ParentSetTie;
use NorthBough\Core\Family\ParentTie;
use NorthBough\Core\Family\Partnership;
use NorthBough\Core\Family\TieChanges;
use NorthBough\Core\Tree\Standing;

/** What joining two people does to their family, in a few sentences. */
final readonly class FamilyPlan
{
    /** @param  array<string, string>  $names  by person */
    private function __construct(private FamilyGraph $graph, private array $names, private string $keptId, private string $goneId)
    {
    }

    /**
     * @param  FamilyGraph  $graph  before
     * @param  array<string, string>  $names  by person, of everybody in the graph
     * @return list<string>
     */
    public static function of(FamilyGraph $graph, TieChanges $changes, array $names, string $keptId, string $goneId): array
    {
        return (new self($graph, $names, $keptId, $goneId))->sentences($changes);
    }

    /** @return list<string> */
    private function sentences(TieChanges $changes): array
    {
        $children = $partners = $rivals = $parents = [];
        $once = $couples = 0;
        foreach ($changes->changes as $change) {
            if ($change instanceof Merged) {
                $change->gone instanceof Couple ? $couples++ : $once++;
            }
            if (! $change instanceof Changed) {
                $once += $change instanceof Removed && ! $change->tie instanceof Couple ? 1 : 0;

                continue;
            }
            [$before, $after] = [$change->before, $change->after];
            if ($before instanceof Partnership && $after instanceof Partnership && $before->personId === $this->goneId) {
                $partners = [...$partners,
                    ...array_map($this->name(...), array_diff($this->graph->partnerIds($before->coupleId), [$this->goneId],
                        ...array_map($this->graph->partnerIds(...), $this->graph->couplesOf($this->keptId))))];
            } elseif ($before instanceof ParentTie && $after instanceof ParentTie && $before->personId === $this->goneId) {
                $children[$this->graph->set($before->setId)->childId] = true;
            } elseif ($before instanceof ParentSetTie && $after instanceof ParentSetTie && $before->childId === $this->goneId) {
                $parents = [...$parents, ...array_map($this->name(...), array_column($this->graph->parentsIn($before->id), 'personId'))];
            }
            if ($before instanceof ParentTie && $after instanceof ParentTie && $before->leads() && $after->standing === Standing::Rival) {
                $rivals[] = $this->name($after->personId);
            }
        }
        $kept = $this->name($this->keptId);

        return array_values(array_filter([
            self::said($partners, "becomes a partner of {$kept}.", "become partners of {$kept}."),
            self::said(array_map($this->name(...), array_map(strval(...), array_keys($children))), "becomes a child of {$kept}.",
                "become children of {$kept}."),
            self::said(array_diff($parents, $rivals), "becomes a parent of {$kept}.", "become parents of {$kept}."),
            self::said($rivals, "becomes a rival among the parents of {$kept}.", "become rivals among the parents of {$kept}."),
            match ($couples) {
                0 => '',
                1 => 'Two couples of the same partners become one, with what is told of both.',
                default => 'Couples of the same partners become one, with what is told of each.',
            },
            match ($once) {
                0 => '',
                1 => 'A tie that both have is had once.',
                default => "{$once} ties that both have are had once.",
            },
        ]));
    }

    /** @param  array<string>  $names */
    private static function said(array $names, string $one, string $several): string
    {
        $names = array_values(array_unique($names));

        return match (count($names)) {
            0 => '',
            1 => "{$names[0]} {$one}",
            default => implode(', ', array_slice($names, 0, -1)).' and '.$names[count($names) - 1]." {$several}",
        };
    }

    private function name(string $personId): string
    {
        return $this->names[$personId] ?? '?';
    }
}
