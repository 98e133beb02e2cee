<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Linkage;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Record\RecordKinds;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Sex;

/**
 * Census households of an isle with known truth: people missing and extra, misspelt, called by a pet name, ages off by up
 * to three years.
 */
final readonly class GeneratedHouseholds
{
    public function __construct(private GeneratedIsle $isle)
    {
    }

    /** @return array{Roll, array<string, string>} a household, and whom each line is; empty for somebody the tree does not have */
    public function next(): array
    {
        $strips = $this->isle->slips;
        do {
            $year = [1851, 1861, 1881][$strips->chance(3)];
            $day = Islander::day($year, 89);
            $family = $this->isle->families[$strips->chance(count($this->isle->families))];
            $husband = $this->isle->people[$family['husband']];
        } while ($husband->died <= $day || $family['wed'] > $day);
        $lines = [];
        $truth = [];
        $surname = $strips->surname($husband->surname);
        $add = function (Islander $who, string $role, string $surname) use (&$lines, &$truth, $year, $day): void {
            $truth['l'.count($lines)] = $who->known ? $who->id : '';
            $lines[] = $this->line(count($lines), $who, $role, $surname, $year, $day);
        };
        $add($husband, 'head', $surname);
        $wife = $this->isle->people[$family['wife']];
        if ($wife->died > $day && $strips->oneIn100(93)) {
            $add($wife, 'wife', $surname);
        }
        foreach ($this->isle->childrenAtHome($husband->id, $day) as $id) {
            $child = $this->isle->people[$id];
            $add($child, $child->sex === Sex::Male ? 'son' : 'daughter', $surname);
        }
        for ($extra = [0, 0, 1, 2][$strips->chance(4)]; $extra > 0; $extra--) {
            $stranger = $this->isle->stranger($day);
            $add($stranger, ['lodger', 'servant', 'visitor'][$strips->chance(3)], $stranger->surname);
        }

        return [new Roll(RecordKinds::named("census-{$year}"), GenDate::parse("31 March {$year}"), GeneratedIsle::PLACES[0], $lines),
            $truth];
    }

    private function line(int $at, Islander $who, string $role, string $surname, int $year, int $day): RollLine
    {
        $strips = $this->isle->slips;
        $columns = ['relation' => $role, 'age' => $strips->age($who->age($day)), 'sex' => $who->sex->value];
        if ($year > 1851) {
            $columns['born'] = $strips->oneIn100(85) ? $who->place : GeneratedIsle::PLACES[$strips->chance(5)];
        }

        return new RollLine("l{$at}", "{$strips->given($who->given)} {$surname}", '', $columns);
    }
}
