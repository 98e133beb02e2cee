<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing;

use NorthBough\Core\Drawing\Boxes\Box;
use NorthBough\Core\Drawing\Boxes\BoxLayout;
use NorthBough\Core\Drawing\Boxes\Line;
use NorthBough\Core\Drawing\Boxes\ParentProofText;
use NorthBough\Core\Drawing\Boxes\PersonBox;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Tree\Parentage;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\TreeView;
use NorthBough\Core\Tree\Union;

/**
 * Where the descendants of one person stand, generation by generation to the right. Partners stand under whom they
 * married, a little inward. Somebody who descends twice, or married a descendant, is drawn once; every other line runs there.
 */
final class DescendantLayout
{
    private const GAP_ACROSS = 72.0;

    private const GAP_DOWN = 14.0;

    /** Between whoever is drawn and the partners under them. */
    private const GAP_PARTNERS = 2.0;

    private const INWARD = 16.0;

    private const MARGIN = 24.0;

    /** Room at the right for "children not drawn". */
    private const MORE_WIDTH = 100.0;

    /** How far the lines of one couple's children stand from those of the next. */
    private const STEP = 7.0;

    /** @var array<string, Person> */
    private array $people = [];

    /** @var array<string, list<Union>> by descendant, in the order of that life */
    private array $unions = [];

    /** @var array<string, array<string, ParentSet>> by child, then by union; nothing that was ruled out */
    private array $sets = [];

    /** @var array<string, ParentSet> by child: that of the first parent from whom they are drawn */
    private array $drawnBy = [];

    /** @var array<string, int> of the descendants */
    private array $generation = [];

    /** @var array<string, list<string>> the children drawn from this parent; others of them are only lines */
    private array $below = [];

    /** @var array<string, array{float, float}> where a box stands: x, y */
    private array $spot = [];

    /** @param  int  $generations  counting the person at the start */
    private function __construct(private readonly int $generations)
    {
    }

    /** @throws SubjectMissing */
    public static function of(TreeView $tree, string $personId, int $generations): BoxLayout
    {
        $layout = new self($generations);
        $layout->gather($tree, $personId);
        $name = ($layout->people[$personId] ?? throw SubjectMissing::of(SubjectKind::Person))->name()->shown();
        $bottom = $layout->place($personId, self::MARGIN);
        $right = max([0.0, ...array_column($layout->spot, 0)]) + PersonBox::WIDTH;

        return new BoxLayout("Descendants of {$name}", $right + self::MORE_WIDTH + self::MARGIN, $bottom - self::GAP_DOWN + self::MARGIN,
            $layout->boxes(), $layout->lines());
    }

    /** Reads generation by generation: whom they married, their children, and the ties to these. */
    private function gather(TreeView $tree, string $personId): void
    {
        $this->generation = [$personId => 0];
        for ($row = [$personId], $depth = 0; $row !== []; $depth++) {
            $this->unions += $tree->unionsOf($row);
            $partners = $children = [];
            foreach ($row as $id) {
                foreach ($this->unions[$id] ?? [] as $union) {
                    $partners = [...$partners, ...$union->partnersOf($id)];
                    $children = [...$children, ...$union->childrenOf($id)];
                }
            }
            $this->people += $tree->people(array_values(array_unique([...$row, ...$partners])));
            $this->readSets($tree, $children);
            $row = $depth + 1 < $this->generations ? $this->nextRow($row, $depth + 1) : [];
        }
    }

    /** @param  list<string>  $childIds */
    private function readSets(TreeView $tree, array $childIds): void
    {
        foreach ($tree->parentSets(array_values(array_unique($childIds))) as $childId => $sets) {
            foreach ($sets as $set) {
                if (! $set->isRuledOut()) {
                    $this->sets[(string) $childId][$set->unionId] = $set;
                }
            }
        }
    }

    /**
     * @param  list<string>  $row
     * @return list<string>
     */
    private function nextRow(array $row, int $depth): array
    {
        $next = [];
        foreach ($row as $id) {
            foreach ($this->unions[$id] ?? [] as $union) {
                foreach ($this->childrenOf($union, $id) as $childId) {
                    if (! isset($this->generation[$childId])) {
                        $this->generation[$childId] = $depth;
                        $this->drawnBy[$childId] = $this->sets[$childId][$union->id];
                        $this->below[$id][] = $next[] = $childId;
                    }
                }
            }
        }

        return $next;
    }

    /** @return list<string> */
    private function childrenOf(Union $union, string $personId): array
    {
        return array_values(
            array_filter($union->childrenOf($personId), fn (string $childId): bool => isset($this->sets[$childId][$union->id])));
    }

    /** @return list<string> the partners whose box stands under this person's, each once */
    private function partnersUnder(string $personId): array
    {
        $ids = [];
        foreach ($this->unions[$personId] ?? [] as $union) {
            foreach ($union->partnersOf($personId) as $partnerId) {
                if (isset($this->people[$partnerId]) && ! isset($this->generation[$partnerId])) {
                    $ids[$partnerId] = $partnerId;
                }
            }
        }

        return array_values(array_filter($ids, fn (string $id): bool => ! isset($this->spot[$id])));
    }

    /**
     * Puts somebody with their partners half way down the descendants drawn from them. Each block has its own stretch
     * of the page from top to bottom, so that nothing can overlap.
     *
     * @return float where the next block may begin
     */
    private function place(string $personId, float $top): float
    {
        $partners = $this->partnersUnder($personId);
        $own = PersonBox::HEIGHT + count($partners) * (PersonBox::HEIGHT + self::GAP_PARTNERS);
        $x = self::MARGIN + $this->generation[$personId] * (PersonBox::WIDTH + self::INWARD + self::GAP_ACROSS);
        foreach ([$personId, ...$partners] as $id) {
            $this->spot[$id] = [$x, $top];
        }
        $bottom = $top;
        foreach ($this->below[$personId] ?? [] as $childId) {
            $bottom = $this->place($childId, $bottom);
        }
        $y = max($top, ($top + $bottom - self::GAP_DOWN - $own) / 2);
        $this->spot[$personId] = [$x, $y];
        foreach ($partners as $i => $id) {
            $this->spot[$id] = [$x + self::INWARD, $y + ($i + 1) * (PersonBox::HEIGHT + self::GAP_PARTNERS)];
        }

        return max($bottom, $top + $own + self::GAP_DOWN);
    }

    /** @return list<Box> */
    private function boxes(): array
    {
        $boxes = [];
        foreach ($this->spot as $id => [$x, $y]) {
            $id = (string) $id;
            if (isset($this->people[$id])) {
                $set = $this->drawnBy[$id] ?? null;
                $boxes[] = PersonBox::of($this->people[$id], $x, $y, $set?->kind()->mark() ?? '',
                    $this->more($id), ParentProofText::of($set), linesAtLeft: true);
            }
        }

        return $boxes;
    }

    private function more(string $id): string
    {
        if (($this->generation[$id] ?? -1) + 1 !== $this->generations) {
            return '';
        }
        $children = array_map(fn (Union $union): array => $this->childrenOf($union, $id), $this->unions[$id] ?? []);
        $hidden = array_filter(array_merge(...$children, ...[[]]), fn (string $childId): bool => ! isset($this->spot[$childId]));

        return $hidden === [] ? '' : 'children not drawn';
    }

    /** @return list<Line> from each child drawn to each of the parents drawn */
    private function lines(): array
    {
        $lines = [];
        foreach (array_keys($this->generation) as $personId) {
            foreach ($this->unions[$personId] ?? [] as $i => $union) {
                foreach ($this->childrenOf($union, (string) $personId) as $childId) {
                    foreach ($this->sets[$childId][$union->id]->whoStand() as $parent) {
                        $line = $this->line($childId, $parent, $i);
                        $lines += $line === null ? [] : ["{$childId} {$parent->personId}" => $line];
                    }
                }
            }
        }

        return array_values($lines);
    }

    private function line(string $childId, Parentage $parent, int $couple): ?Line
    {
        if (! isset($this->generation[$childId], $this->spot[$childId], $this->spot[$parent->personId], $this->people[$parent->personId])) {
            return null;
        }
        $half = PersonBox::HEIGHT / 2;
        [$childX, $childY] = $this->spot[$childId];
        [$parentX, $parentY] = $this->spot[$parent->personId];
        $from = $parentX + PersonBox::reach($this->people[$parent->personId]);
        $middle = $childX - self::GAP_ACROSS / 2 - min($couple, 3) * self::STEP;

        return new Line([[$childX, $childY + $half], [$middle, $childY + $half], [$middle, $parentY + $half], [$from, $parentY + $half]],
            $parent->isUnproved(), $childId, $parent->personId);
    }
}
