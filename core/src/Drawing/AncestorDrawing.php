<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing;

use NorthBough\Core\Drawing\Boxes\Box;
use NorthBough\Core\Drawing\Boxes\BoxLayout;
use NorthBough\Core\Drawing\Boxes\BoxSetting;
use NorthBough\Core\Drawing\Boxes\Line;
use NorthBough\Core\Drawing\Boxes\ParentProofText;
use NorthBough\Core\Drawing\Boxes\PersonBox;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Parentage;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\TreeView;

/**
 * The ancestors of one person, generation by generation to the right, by the parent set that leads. Somebody who is
 * an ancestor twice is drawn where he first occurs; every other line runs to that place.
 */
final readonly class AncestorDrawing implements Drawing
{
    private const GAP_ACROSS = 56.0;

    private const GAP_DOWN = 14.0;

    private const MARGIN = 24.0;

    /** Room at the right for "parents not drawn". */
    private const MORE_WIDTH = 96.0;

    /** @param  int<1, 12>  $generations */
    public function __construct(
        #[Option('Generations', 'How many generations are drawn, with the person at the start', 1, 12)] public int $generations = 5,
    ) {
    }

    public static function code(): string
    {
        return 'ancestors';
    }

    public static function title(): string
    {
        return 'Ancestors';
    }

    public static function subject(): SubjectKind
    {
        return SubjectKind::Person;
    }

    public function draw(TreeView $tree, Subject $subject): Scene
    {
        return BoxSetting::scene($this->lay($tree, $subject));
    }

    /** @throws SubjectMissing */
    public function lay(TreeView $tree, Subject $subject): BoxLayout
    {
        [$personId, $generations] = [$subject->id(), $this->generations];
        /** @var array<string, ParentSet> $leading */
        $leading = [];
        /** @var array<string, int> $column */
        $column = [$personId => 0];
        /** @var array<string, list<string>> $drawnBelow parents that are drawn from this child, others are only lines */
        $drawnBelow = [];
        $row = [$personId];
        $people = $tree->people($row) ?: throw SubjectMissing::of(SubjectKind::Person);
        for ($generation = 0; $row !== []; $generation++) {
            foreach ($tree->parentSets($row) as $childId => $sets) {
                $standing = array_values(array_filter($sets, static fn (ParentSet $set): bool => ! $set->isRuledOut()));
                if ($standing !== []) {
                    $leading[(string) $childId] = $standing[0];
                }
            }
            $parents = $generation + 1 < $generations
                ? array_map(self::parentIds(...), array_intersect_key($leading, array_flip($row))) : [];
            $people += $tree->people(array_values(array_unique(array_merge(...array_values($parents)))));
            $next = [];
            foreach ($row as $childId) {
                foreach (self::fathersFirst($parents[$childId] ?? [], $people) as $parentId) {
                    if (! isset($column[$parentId])) {
                        $column[$parentId] = $generation + 1;
                        $drawnBelow[$childId][] = $parentId;
                        $next[] = $parentId;
                    }
                }
            }
            $row = $next;
        }
        $tops = [];
        $bottom = self::MARGIN;
        $this->place($personId, $drawnBelow, $tops, $bottom);

        $boxes = [];
        $lines = [];
        foreach ($column as $id => $generation) {
            $id = (string) $id;
            if (! isset($people[$id])) {
                continue;
            }
            $x = self::MARGIN + $generation * (PersonBox::WIDTH + self::GAP_ACROSS);
            $set = $leading[$id] ?? null;
            $boxes[] = $this->box($people[$id], $x, $tops[$id], $set, $generation + 1 < $generations);
            foreach ($set === null ? [] : $set->whoStand() as $parent) {
                if (isset($column[$parent->personId], $people[$parent->personId])) {
                    $lines[] = $this->line($x + PersonBox::reach($people[$id]), $x, $tops[$id], $column[$parent->personId],
                        $tops[$parent->personId], $id, $parent);
                }
            }
        }
        $columns = count($column) === 0 ? 1 : max($column) + 1;
        $name = ($people[$personId] ?? null)?->name()->shown() ?? '?';

        return new BoxLayout("Ancestors of {$name}",
            2 * self::MARGIN + $columns * PersonBox::WIDTH + ($columns - 1) * self::GAP_ACROSS + self::MORE_WIDTH,
            $bottom - self::GAP_DOWN + self::MARGIN, $boxes, $lines);
    }

    /** @return list<string> */
    private static function parentIds(ParentSet $set): array
    {
        return array_column($set->whoStand(), 'personId');
    }

    /**
     * Fathers above, mothers below, as pedigrees are read; others as they stand.
     *
     * @param  list<string>  $ids
     * @param  array<string, Person>  $people
     * @return list<string>
     */
    private static function fathersFirst(array $ids, array $people): array
    {
        $isMother = static fn (string $id): bool => ($people[$id]->sex ?? null) === Sex::Female;
        usort($ids, static fn (string $a, string $b): int => $isMother($a) <=> $isMother($b));

        return $ids;
    }

    /**
     * Puts everyone half way between the parents who are drawn from him, and the outermost ones in free rows.
     *
     * @param  array<string, list<string>>  $parents
     * @param  array<string, float>  $tops
     */
    private function place(string $id, array $parents, array &$tops, float &$bottom): void
    {
        foreach ($parents[$id] ?? [] as $parentId) {
            $this->place($parentId, $parents, $tops, $bottom);
        }
        $above = array_map(static fn (string $parentId): float => $tops[$parentId], $parents[$id] ?? []);
        if ($above === []) {
            $tops[$id] = $bottom;
            $bottom += PersonBox::HEIGHT + self::GAP_DOWN;
        } else {
            $tops[$id] = (min($above) + max($above)) / 2;
        }
    }

    private function box(Person $person, float $x, float $y, ?ParentSet $set, bool $goesOn): Box
    {
        $more = $set !== null && ! $goesOn && $set->parents !== [] ? 'parents not drawn' : '';

        return PersonBox::of($person, $x, $y, $set?->kind()->mark() ?? '', $more, ParentProofText::of($set));
    }

    private function line(float $startX, float $x, float $y, int $parentColumn, float $parentTop, string $childId, Parentage $parent): Line
    {
        $half = PersonBox::HEIGHT / 2;
        $endX = self::MARGIN + $parentColumn * (PersonBox::WIDTH + self::GAP_ACROSS);
        $middle = $x + PersonBox::WIDTH + self::GAP_ACROSS / 2;

        return new Line([[$startX, $y + $half], [$middle, $y + $half], [$middle, $parentTop + $half], [$endX, $parentTop + $half]],
            $parent->isUnproved(), $childId, $parent->personId);
    }
}
