<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

/** The parents that a child had together, in one sense of the word. The leading set counts for charts and numbers. */
final readonly class ParentSet
{
    /** @param  list<Parentage>  $parents */
    public function __construct(
        public string $id,
        public string $childId,
        public string $unionId,
        public bool $leads,
        public array $parents,
    ) {
    }

    /** @return list<Parentage> those who were not ruled out */
    public function whoStand(): array
    {
        return array_values(array_filter($this->parents, static fn (Parentage $parent): bool => $parent->standing !== Standing::RuledOut));
    }

    /**
     * The one that counts for charts and numbers: the first of which somebody stands.
     *
     * @param  list<self>  $sets  of one child, the leading one first
     */
    public static function leadingOf(array $sets): ?self
    {
        foreach ($sets as $set) {
            if (! $set->isRuledOut()) {
                return $set;
            }
        }

        return null;
    }

    /**
     * @param  list<self>  $sets
     * @return list<self> those of which somebody stands
     */
    public static function standing(array $sets): array
    {
        return array_values(array_filter($sets, static fn (self $set): bool => ! $set->isRuledOut()));
    }

    /** Whether parents were told and all of them ruled out. */
    public function isRuledOut(): bool
    {
        foreach ($this->parents as $parent) {
            if ($parent->standing !== Standing::RuledOut) {
                return false;
            }
        }

        return $this->parents !== [];
    }

    /** What the set is called by: where its parents differ, by birth before anything else. */
    public function kind(): ParentageKind
    {
        foreach ($this->parents as $parent) {
            if ($parent->kind === ParentageKind::Birth) {
                return ParentageKind::Birth;
            }
        }

        return $this->parents[0]->kind ?? ParentageKind::Birth;
    }
}
