<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\People;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Kin\Kinship;
use NorthBough\Core\Kin\Relationship;
use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Presentation\SubjectKind;
use NorthBough\Core\Presentation\SubjectMissing;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Lines\LineOfDescent;
use NorthBough\Core\Report\Material;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Report\Node\Paragraph;
use NorthBough\Core\Report\Node\Table;
use NorthBough\Core\Report\PersonRef;
use NorthBough\Core\Report\Report;
use NorthBough\Core\Report\Sheet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Snapshot;
use NorthBough\Core\Tree\TreeView;

/** Everybody who is kin of somebody, and what they are to them, the nearest first. */
final readonly class KinshipList implements Report
{
    public function __construct(
        #[Option('Generations up', 'Ancestors of so many generations, and whoever descends from them', from: 1, to: 12)] public int $up = 3,
        #[Option('Generations down', 'Descendants of so many generations of each of these', from: 1, to: 12)] public int $down = 4,
        #[Option('By marriage', 'With those who are kin by marriage alone')] public bool $marriage = true,
    ) {
    }

    public static function code(): string
    {
        return 'kinship';
    }

    public static function title(): string
    {
        return 'Kinship list';
    }

    public static function subject(): SubjectKind
    {
        return SubjectKind::Person;
    }

    public function build(Material $material, Subject $subject, string $day): Document
    {
        $one = $material->tree()->lives([$subject->id()])[$subject->id()] ?? throw SubjectMissing::of(SubjectKind::Person);
        $near = $this->near($material->tree(), $one->id);
        $found = [];
        foreach ($near['people'] as $id => $person) {
            $terms = $id === $one->id ? [] : Kinship::between($near['tree'], $one->id, (string) $id);
            if ($terms !== []) {
                $found[] = [$terms[0]->distance, implode('; ', array_map(static fn (Relationship $term): string => $term->term, $terms)),
                    $person];
            }
        }
        usort($found, static fn (array $a, array $b): int => [$a[0], $a[1], $a[2]->vitals()->beginning()?->date->span()
            ->earliest ?? PHP_INT_MAX]
            <=> [$b[0], $b[1], $b[2]->vitals()->beginning()?->date->span()->earliest ?? PHP_INT_MAX]);
        $title = "Kin of {$one->name()->shown()}";
        $says = "Kin by ancestors of {$this->up} generations and by {$this->down} generations of those who descend from them.";

        return new Document($title, "Made with North Bough on {$day}.", [Heading::of(1, $title), Paragraph::faint($says),
            $found === [] ? Paragraph::faint('No kin are known.') : self::table($title, $found)], self::sheet($found));
    }

    /** @return array{people: array<string, Person>, tree: TreeView} whoever may be kin within reach, and their tree in memory */
    private function near(TreeView $tree, string $personId): array
    {
        $known = [$personId => true];
        $row = [$personId];
        $above = $row;
        for ($up = 0; $up < $this->up && $row !== []; $up++) {
            $next = [];
            foreach ($tree->parentSets($row) as $sets) {
                foreach ($sets as $set) {
                    array_push($next, ...array_column($set->whoStand(), 'personId'));
                }
            }
            $row = self::fresh($known, $next);
            array_push($above, ...$row);
        }
        $row = $above;
        for ($down = 0; $down < $this->up + $this->down && $row !== []; $down++) {
            [$next, $partners] = [[], []];
            foreach ($tree->unionsOf($row) as $id => $unions) {
                foreach ($unions as $union) {
                    array_push($next, ...$union->childrenOf((string) $id));
                    array_push($partners, ...$union->partnersOf((string) $id));
                }
            }
            $row = $down < $this->down + 1 ? self::fresh($known, $next) : [];
            $row = $down === 0 ? array_values(array_unique([...$row, ...$next])) : $row;
            if ($this->marriage) {
                self::fresh($known, $partners);
            }
        }
        $ids = array_map(strval(...), array_keys($known));
        $people = $tree->lives($ids);
        $unions = [];
        foreach ($tree->unionsOf($ids) as $list) {
            foreach ($list as $union) {
                $unions[$union->id] = $union;
            }
        }

        return ['people' => $people, 'tree' => new Snapshot(array_values($people), array_values($unions),
            array_merge([], ...array_values($tree->parentSets($ids))))];
    }

    /**
     * @param  array<string, true>  $known  to which those are added who are new
     * @param  list<string>  $ids
     * @return list<string> those who are new
     */
    private static function fresh(array &$known, array $ids): array
    {
        $new = [];
        foreach ($ids as $id) {
            if (! isset($known[$id])) {
                $known[$id] = true;
                $new[] = $id;
            }
        }

        return $new;
    }

    /** @param  list<array{int, string, Person}>  $found */
    private static function table(string $title, array $found): Table
    {
        return new Table($title, ['What they are', 'Name', 'Born', 'Died'], array_map(static fn (array $kin): array => [
            [StyledWords::plain($kin[1])], [StyledWords::person($kin[2]->name()->shown(), $kin[2]->id)],
            [StyledWords::plain(LineOfDescent::date($kin[2]->vitals()->beginning()))],
            [StyledWords::plain(LineOfDescent::date($kin[2]->vitals()->end()))],
        ], $found));
    }

    /** @param  list<array{int, string, Person}>  $found */
    private static function sheet(array $found): Sheet
    {
        return new Sheet(['relationship', 'ref', 'name', 'born', 'died'], array_map(static fn (array $kin): array => [
            $kin[1], new PersonRef($kin[2]->id), $kin[2]->name()->shown(), LineOfDescent::date($kin[2]->vitals()->beginning()),
            LineOfDescent::date($kin[2]->vitals()->end()),
        ], $found));
    }
}
