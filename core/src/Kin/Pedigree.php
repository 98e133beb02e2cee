<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin;

use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\TreeView;

/**
 * Everybody above some people, as a graph on small integers. Its nodes are people and couples: a child leads to
 * the couple of each of its parent sets, a couple to its one or two parents, so that lines which meet in both of
 * a couple meet in one node. Every node has a rank higher than all below it; a tie that would close a circle
 * (a person above himself, as files can say) is left out. Ruled-out ties are none.
 *
 * Works on packed arrays: this is the inner loop of kinship.
 */
final class Pedigree
{
    /** Bit of a tie that is not proved; the lower bits are those of KinKind. */
    public const UNPROVED = 16;

    /** @var array<string, int> */
    private array $nodeOf = [];

    /** @var list<string> id of the person, or key of the couple */
    private array $keys = [];

    /** @var array<int, array<int, int>> node => [next node => bits of the tie] */
    private array $up = [];

    /** @var array<int, true> */
    private array $couples = [];

    /** @var array<int, int> */
    private array $ranks = [];

    /** @param  list<string>  $personIds */
    public static function above(TreeView $tree, array $personIds): self
    {
        $pedigree = new self;
        $generation = array_values(array_unique($personIds));
        foreach ($generation as $id) {
            $pedigree->node($id);
        }
        while ($generation !== []) {
            $next = [];
            foreach ($tree->parentSets($generation) as $childId => $sets) {
                foreach ($sets as $set) {
                    array_push($next, ...$pedigree->add((string) $childId, $set));
                }
            }
            $generation = $next;
        }
        $pedigree->rankAll();

        return $pedigree;
    }

    /** @return int|null null when the person was not among those asked for nor above them */
    public function nodeOf(string $personId): ?int
    {
        return $this->nodeOf[$personId] ?? null;
    }

    public function key(int $node): string
    {
        return $this->keys[$node];
    }

    public function isCouple(int $node): bool
    {
        return isset($this->couples[$node]);
    }

    public function rank(int $node): int
    {
        return $this->ranks[$node];
    }

    /** @return array<int, int> next node => bits of the tie */
    public function up(int $node): array
    {
        return $this->up[$node] ?? [];
    }

    /** @return array<int, true> the node itself and all above it */
    public function allAbove(int $node): array
    {
        $seen = [$node => true];
        for ($open = [$node]; $open !== [];) {
            foreach ($this->up(array_pop($open)) as $next => $bits) {
                if (! isset($seen[$next])) {
                    $seen[$next] = true;
                    $open[] = $next;
                }
            }
        }

        return $seen;
    }

    /** @return list<string> parents that were not met before */
    private function add(string $childId, ParentSet $set): array
    {
        if ($set->isRuledOut()) {
            return [];
        }
        $parents = $set->whoStand();
        $ids = array_column($parents, 'personId');
        sort($ids);
        $couple = $this->node(count($ids) > 1 ? '+'.implode('+', $ids) : '+'.$set->unionId);
        $this->couples[$couple] = true;
        $child = $this->node($childId);
        $new = [];
        $bits = 0;
        foreach ($parents as $parent) {
            $isNew = ! isset($this->nodeOf[$parent->personId]);
            $this->up[$couple][$this->node($parent->personId)] = 0;
            $bits |= KinKind::of($parent->kind)->bit() | ($parent->isUnproved() ? self::UNPROVED : 0);
            if ($isNew) {
                $new[] = $parent->personId;
            }
        }
        // A couple that a child has in two senses counts in the nearer one.
        $this->up[$child][$couple] = min($bits, $this->up[$child][$couple] ?? $bits);

        return $new;
    }

    private function node(string $key): int
    {
        if (! isset($this->nodeOf[$key])) {
            $this->nodeOf[$key] = count($this->keys);
            $this->keys[] = $key;
        }

        return $this->nodeOf[$key];
    }

    /** Ranks by the order in which a depth-first walk leaves the nodes, the highest first; circles are cut as it meets them. */
    private function rankAll(): void
    {
        $state = [];
        $left = [];
        foreach (array_keys($this->keys) as $root) {
            if (isset($state[$root])) {
                continue;
            }
            $stack = [[$root, array_keys($this->up($root))]];
            $state[$root] = 1;
            while ($stack !== []) {
                $top = count($stack) - 1;
                $next = array_pop($stack[$top][1]);
                if ($next === null) {
                    $node = $stack[$top][0];
                    $state[$node] = 2;
                    $left[] = $node;
                    array_pop($stack);
                } elseif (($state[$next] ?? 0) === 1) {
                    unset($this->up[$stack[$top][0]][$next]);
                } elseif (! isset($state[$next])) {
                    $state[$next] = 1;
                    $stack[] = [$next, array_keys($this->up($next))];
                }
            }
        }
        foreach ($left as $place => $node) {
            $this->ranks[$node] = count($left) - $place;
        }
    }
}
