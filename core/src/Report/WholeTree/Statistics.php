<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\WholeTree;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Report\Material;
use NorthBough\Core\Report\Node\Block;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Report\Node\Paragraph;
use NorthBough\Core\Report\Node\Table;
use NorthBough\Core\Report\Sheet;
use NorthBough\Core\Report\TreeReport;

/**
 * Counts of a tree, each with how many it could count: births by decade, ages at marriage and at death, sizes of families, the
 * commonest names and places. A date that leaves more than its step open is not counted.
 */
final readonly class Statistics extends TreeReport
{
    public function __construct(#[Option('Commonest', 'How many of the commonest names and places', from: 3,
        to: 50)] public int $commonest = 15)
    {
    }

    public static function code(): string
    {
        return 'statistics';
    }

    public static function title(): string
    {
        return 'Statistics';
    }

    protected function tell(Material $material, array $personIds, string $day): array
    {
        $counted = new CountedTree;
        foreach ($material->lists()->everybody($personIds) as $person) {
            $counted->person($person);
        }
        $waiting = [];
        foreach ($material->lists()->couples($personIds) as $union) {
            $waiting[] = $union;
            if (count($waiting) === CountedTree::AT_ONCE) {
                $counted->couples($material->tree(), $waiting);
                $waiting = [];
            }
        }
        $counted->couples($material->tree(), $waiting);

        return [$this->blocks($counted), self::sheet($counted, $this->commonest)];
    }

    /** @return list<Block> */
    private function blocks(CountedTree $counted): array
    {
        $blocks = [new Table('People', ['What', 'How many'], array_map(
            static fn (string $what, int $count): array => [[StyledWords::plain($what)], [StyledWords::plain((string) $count)]],
            array_keys($counted->totals), $counted->totals))];
        foreach ($counted->plots($this->commonest) as $title => [$counts, $total]) {
            if ($counts !== []) {
                array_push($blocks, Heading::of(2, $title), BarPlot::of("{$title}: {$total} counted", $counts));
            }
        }

        return count($blocks) === 1 && $counted->totals['People'] === 0 ? [Paragraph::faint('There is nobody to count yet.')] : $blocks;
    }

    private static function sheet(CountedTree $counted, int $commonest): Sheet
    {
        $rows = [];
        foreach ($counted->totals as $what => $count) {
            $rows[] = ['People', $what, (string) $count];
        }
        foreach ($counted->plots($commonest) as $title => [$counts]) {
            foreach ($counts as $value => $count) {
                $rows[] = [$title, (string) $value, (string) $count];
            }
        }

        return new Sheet(['what', 'value', 'count'], $rows);
    }
}
