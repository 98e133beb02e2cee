<?php

declare(strict_types=1);

namespace NorthBough\Core\Family;

use LogicException;
use NorthBough\Core\Family\Change\Added;
use NorthBough\Core\Family\Change\Changed;
use NorthBough\Core\Family\Change\Merged;
use NorthBough\Core\Family\Change\Removed;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\TreeView;

/**
 * The ties of a neighbourhood as they are stored, those that were ruled out among them: couples and their partners,
 * children and their sets of parents. Of everybody above it the tree is asked.
 */
final readonly class FamilyGraph
{
    /**
     * @param  array<string, FamilyTie>  $ties  by key
     * @param  array<string, Sex>  $sexes  by person
     */
    private function __construct(private array $ties, private array $sexes, private TreeView $tree)
    {
    }

    /**
     * @param  list<FamilyTie>  $ties  every tie of each couple that is among them, and every set of each of their children
     * @param  array<string, Sex>  $sexes  by person
     */
    public static function of(array $ties, array $sexes, TreeView $tree): self
    {
        $byKey = [];
        foreach ($ties as $tie) {
            $byKey[$tie->key()] = $tie;
        }
        ksort($byKey);

        return new self($byKey, $sexes, $tree);
    }

    /** The graph as it is once a change is done. */
    public function after(TieChange $change): self
    {
        $ties = $this->ties;
        if ($change instanceof Added) {
            $ties[$change->tie->key()] = $change->tie;
        } elseif ($change instanceof Changed) {
            $ties[$change->after->key()] = $change->after;
        } elseif ($change instanceof Removed) {
            foreach ([$change->tie, ...$this->hangingOn($change->tie)] as $gone) {
                unset($ties[$gone->key()]);
            }
        } elseif ($change instanceof Merged) {
            unset($ties[$change->gone->key()]);
            [$gone, $into] = [$change->gone, $change->into];
            if ($gone instanceof Couple && $into instanceof Couple) {
                $ties[$into->key()] = new Couple($into->id, $into->events + $gone->events, $into->isOrderedByHand);
            }
        }
        ksort($ties);

        return new self($ties, $this->sexes, $this->tree);
    }

    /** @return list<FamilyTie> what goes when this one goes */
    private function hangingOn(FamilyTie $tie): array
    {
        if ($tie instanceof ParentSetTie) {
            return $this->parentsIn($tie->id);
        }
        if (! $tie instanceof Couple) {
            return [];
        }
        $sets = $this->setsIn($tie->id);

        return [...$this->allPartners($tie->id), ...$sets,
            ...array_merge(...array_map(fn (ParentSetTie $set): array => $this->parentsIn($set->id), $sets))];
    }

    /** @return list<string> everybody whom a tie names, and whom the graph was asked for */
    public function personIds(): array
    {
        return array_values(array_unique([
            ...array_map(strval(...), array_keys($this->sexes)),
            ...array_column($this->all(Partnership::class, static fn (): bool => true), 'personId'),
            ...array_column($this->all(ParentSetTie::class, static fn (): bool => true), 'childId'),
            ...array_column($this->all(ParentTie::class, static fn (): bool => true), 'personId'),
        ]));
    }

    public function sex(string $personId): Sex
    {
        return $this->sexes[$personId] ?? Sex::Unknown;
    }

    public function couple(string $id): Couple
    {
        return $this->get(Couple::class, $id);
    }

    public function set(string $id): ParentSetTie
    {
        return $this->get(ParentSetTie::class, $id);
    }

    public function partnership(string $id): Partnership
    {
        return $this->get(Partnership::class, $id);
    }

    public function parent(string $id): ParentTie
    {
        return $this->get(ParentTie::class, $id);
    }

    /** @return list<Partnership> those who were ruled out among them, in the order of their places */
    public function allPartners(string $coupleId): array
    {
        $partners = $this->all(Partnership::class, static fn (Partnership $tie): bool => $tie->coupleId === $coupleId);
        usort($partners, static fn (Partnership $a, Partnership $b): int => [$a->slot->value, $a->id] <=> [$b->slot->value, $b->id]);

        return $partners;
    }

    /** @return list<Partnership> nobody who was ruled out, in the order of their places */
    public function partners(string $coupleId): array
    {
        return array_values(array_filter($this->allPartners($coupleId), static fn (Partnership $tie): bool => $tie->counts()));
    }

    /** @return list<string> */
    public function partnerIds(string $coupleId): array
    {
        return array_column($this->partners($coupleId), 'personId');
    }

    /** @return list<Partnership> of a person, those ruled out among them */
    public function partnershipsOf(string $personId): array
    {
        return $this->all(Partnership::class, static fn (Partnership $tie): bool => $tie->personId === $personId);
    }

    /** @return list<string> ids of the couples in which somebody counts */
    public function couplesOf(string $personId): array
    {
        return array_column(array_filter($this->partnershipsOf($personId), static fn (Partnership $tie): bool => $tie->counts()),
            'coupleId');
    }

    /** The couple in which two people are partners, neither of them ruled out; empty for none. */
    public function coupleOf(string $partnerId, string $otherId): string
    {
        $both = array_intersect($this->couplesOf($partnerId), $this->couplesOf($otherId));
        sort($both);

        return $both[0] ?? '';
    }

    /** @return list<ParentSetTie> the children of a couple */
    public function setsIn(string $coupleId): array
    {
        return $this->all(ParentSetTie::class, static fn (ParentSetTie $set): bool => $set->coupleId === $coupleId);
    }

    /** @return list<ParentSetTie> all sets of parents of a child */
    public function setsOf(string $childId): array
    {
        return $this->all(ParentSetTie::class, static fn (ParentSetTie $set): bool => $set->childId === $childId);
    }

    /** @return list<ParentTie> */
    public function parentsIn(string $setId): array
    {
        return $this->all(ParentTie::class, static fn (ParentTie $tie): bool => $tie->setId === $setId);
    }

    /** @return list<ParentTie> the ties of a child to one parent */
    public function tiesBetween(string $childId, string $parentId): array
    {
        $sets = array_column($this->setsOf($childId), 'id');

        return $this->all(ParentTie::class,
            static fn (ParentTie $tie): bool => $tie->personId === $parentId && in_array($tie->setId, $sets, true));
    }

    /** @return list<ParentTie> the ties of somebody as a parent */
    public function parentTiesOf(string $personId): array
    {
        return $this->all(ParentTie::class, static fn (ParentTie $tie): bool => $tie->personId === $personId);
    }

    /** Whether a set counts: not every parent was ruled out. One of parents who are not known does. */
    public function counts(ParentSetTie $set): bool
    {
        $parents = $this->parentsIn($set->id);

        return $parents === [] || array_filter($parents, static fn (ParentTie $tie): bool => $tie->counts()) !== [];
    }

    /** Whether somebody of a set counts where one answer is needed, or nobody is known there. */
    public function mayLead(ParentSetTie $set): bool
    {
        $parents = $this->parentsIn($set->id);

        return $parents === [] || array_filter($parents, static fn (ParentTie $tie): bool => $tie->leads()) !== [];
    }

    /**
     * The sets that may lead, the one that does first: neither those of which everybody was ruled out, nor those of rivals.
     *
     * @return list<ParentSetTie>
     */
    public function leadingSets(string $childId): array
    {
        $sets = array_values(array_filter($this->setsOf($childId), $this->mayLead(...)));
        usort($sets, static fn (ParentSetTie $a, ParentSetTie $b): int => [! $a->leads, $a->position, $a->id] <=> [! $b->leads,
            $b->position, $b->id]);

        return $sets;
    }

    /** @return list<ParentSetTie> those of one kind */
    public function leadingSetsOfKind(string $childId, ParentageKind $kind): array
    {
        return array_values(array_filter($this->leadingSets($childId), static fn (ParentSetTie $set): bool => $set->kind === $kind));
    }

    /** @return list<ParentTie> the parents by birth who count where one answer is needed */
    public function leadingByBirth(string $childId): array
    {
        $sets = array_column($this->setsOf($childId), 'id');

        return $this->all(ParentTie::class,
            static fn (ParentTie $tie): bool => $tie->kind === ParentageKind::Birth && $tie->leads() && in_array($tie->setId, $sets, true));
    }

    /** Whether one parent more can stand in a set: one leads at most, and nobody else was told there. */
    public function hasRoom(ParentSetTie $set): bool
    {
        $parents = $this->parentsIn($set->id);

        return count($parents) < 2 && array_filter($parents, static fn (ParentTie $tie): bool => ! $tie->leads()) === [];
    }

    /** Whether somebody stands above somebody by ties of any kind, those that were ruled out among them. Nobody stands above himself. */
    public function isAbove(string $ancestorId, string $personId): bool
    {
        $seen = [$personId => true];
        for ($generation = [$personId]; $generation !== [];) {
            $above = $this->parentIdsOf($generation);
            if (in_array($ancestorId, $above, true)) {
                return true;
            }
            $generation = array_values(array_filter(array_unique($above), static fn (string $id): bool => ! isset($seen[$id])));
            $seen += array_fill_keys($generation, true);
        }

        return false;
    }

    /**
     * Of whom the graph holds a set it holds all, changes included; of the others the tree is asked.
     *
     * @param  list<string>  $childIds
     * @return list<string>
     */
    private function parentIdsOf(array $childIds): array
    {
        $held = $this->all(ParentSetTie::class, static fn (ParentSetTie $set): bool => in_array($set->childId, $childIds, true));
        $ids = array_column($held, 'id');
        $parents = array_column($this->all(ParentTie::class, static fn (ParentTie $tie): bool => in_array($tie->setId, $ids, true)),
            'personId');
        $asked = array_values(array_diff($childIds, array_column($held, 'childId')));
        foreach ($asked === [] ? [] : $this->tree->parentSets($asked) as $sets) {
            foreach ($sets as $set) {
                array_push($parents, ...array_column($set->parents, 'personId'));
            }
        }

        return $parents;
    }

    /**
     * @template T of FamilyTie
     *
     * @param  class-string<T>  $class
     * @param  callable(T): bool  $which
     * @return list<T> in the order in which they were made
     */
    private function all(string $class, callable $which): array
    {
        $found = [];
        foreach ($this->ties as $tie) {
            if ($tie instanceof $class && $which($tie)) {
                $found[] = $tie;
            }
        }

        return $found;
    }

    /**
     * @template T of FamilyTie
     *
     * @param  class-string<T>  $class
     * @return T
     */
    private function get(string $class, string $id): FamilyTie
    {
        $tie = $this->ties[$id] ?? null;

        return $tie instanceof $class ? $tie
            : throw new LogicException("The graph holds no {$class} {$id}: its command reaches too little.");
    }
}
