<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Casework;

use NorthBough\Core\Family\Command\SettledParent;
use NorthBough\Core\Family\Command\SettleParents;
use NorthBough\Core\Family\FamilyGraph;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Standing;

/**
 * What a case of kinship changes among the parents of a child, as far as it goes: what is proved takes the place of
 * whoever stood there; what is only probable stands as a rival beside them.
 */
final readonly class KinshipVerdict
{
    /**
     * @param  string  $chosenId  for whom it concludes; empty for nobody
     * @param  list<string>  $asked  the people of its alternatives, in their order
     * @param  list<string>  $present  who stands in the tree as the one that is asked for
     */
    public function __construct(
        private string $childId,
        private CaseState $state,
        private string $chosenId,
        private array $asked,
        private array $present,
    ) {
    }

    /**
     * Who stands in the tree as the one that is asked for, by sex.
     *
     * @param  string  $aspect  mother, father, or anything else for nobody
     * @return list<string>
     */
    public static function ofSex(FamilyGraph $graph, string $aspect, string $childId): array
    {
        $sex = match ($aspect) {
            'mother' => Sex::Female,
            'father' => Sex::Male,
            default => null,
        };
        $parents = $sex === null ? [] : self::leading($graph, $childId);
        $present = array_values(array_filter($parents, static fn (string $id): bool => $graph->sex($id) === $sex));
        sort($present);

        return $present;
    }

    /**
     * Who stands there by sex, or by being among the answers.
     *
     * @param  list<string>  $asked
     * @return list<string>
     */
    public static function present(FamilyGraph $graph, string $aspect, string $childId, array $asked): array
    {
        return array_values(
            array_unique([...self::ofSex($graph, $aspect, $childId), ...array_intersect(self::leading($graph, $childId), $asked)]));
    }

    public function command(): SettleParents
    {
        $others = $this->state === CaseState::Proved ? array_values(array_diff($this->present, $this->asked)) : [];
        $unchosen = array_values(array_diff($this->asked, [$this->chosenId]));
        $isBeside = $this->state === CaseState::Probable && $this->chosenId !== '' && ! in_array($this->chosenId, $this->present, true);

        return new SettleParents(
            $this->childId,
            [...array_map($this->other(...), [...$others, ...$unchosen]), ...($this->chosenId === '' ? [] : [$this->chosen($isBeside)])],
            $isBeside ? $this->present : [],
            $unchosen,
        );
    }

    private function chosen(bool $isBeside): SettledParent
    {
        $standing = $isBeside && $this->present !== [] ? Standing::Rival : $this->state->standing();

        return new SettledParent($this->chosenId, $standing, $this->state->proof(),
            in_array($this->state, [CaseState::Probable, CaseState::Proved], true));
    }

    private function other(string $parentId): SettledParent
    {
        return new SettledParent($parentId, $this->state->standingOfOthers(), CaseState::Unresolved->proof(), false);
    }

    /** @return list<string> */
    private static function leading(FamilyGraph $graph, string $childId): array
    {
        return array_column($graph->leadingByBirth($childId), 'personId');
    }
}
