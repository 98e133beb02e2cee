<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\WholeTree;

use NorthBough\Core\Chrono\Age;
use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Place\PlacePath;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\TreeView;
use NorthBough\Core\Tree\Union;

/** The counts of a tree while its people and couples go by. */
final class CountedTree
{
    /** Couples whose partners are fetched together. */
    public const AT_ONCE = 500;

    /** Years that are counted together. */
    private const STEP = 10;

    /** @var array<string, int> */
    public array $totals = ['People' => 0, 'Women' => 0, 'Men' => 0, 'Of unknown or other sex' => 0, 'With a birth' => 0,
        'With a death' => 0,
        'Couples' => 0];

    /** @var array<string, Counts> */
    private array $counts = [];

    public function person(Person $person): void
    {
        $this->totals['People']++;
        $this->totals[match ($person->sex) {
            Sex::Female => 'Women',
            Sex::Male => 'Men',
            Sex::Other, Sex::Unknown => 'Of unknown or other sex',
        }]++;
        [$birth, $death] = [$person->vitals()->birth(), $person->vitals()->death()];
        $this->totals['With a birth'] += $birth === null ? 0 : 1;
        $this->totals['With a death'] += $death === null ? 0 : 1;
        $this->add('Births by decade', self::decade($birth?->date->span()));
        $this->add('Age at death', self::age($birth?->date->span(), $death?->date->span()));
        $this->add('Commonest surnames', $person->name()->wholeSurname());
        $this->add($person->sex === Sex::Male ? 'Commonest given names of men' : 'Commonest given names of women',
            in_array($person->sex, [Sex::Male, Sex::Female], true) ? explode(' ', $person->name()->given)[0] : '');
        foreach ($person->events as $event) {
            $this->add('Commonest places', PlacePath::shortOf($event->place));
        }
    }

    /** @param  list<Union>  $unions */
    public function couples(TreeView $tree, array $unions): void
    {
        $partners = $tree->lives(array_values(array_unique(array_merge([], ...array_column($unions, 'partnerIds')))));
        foreach ($unions as $union) {
            $this->totals['Couples']++;
            $this->add('Children of a couple', (string) count($union->childIds));
            foreach ($union->partnerIds as $id) {
                $sex = ($partners[$id] ?? null)?->sex;
                $age = self::age(($partners[$id] ?? null)?->vitals()->birth()?->date->span(), $union->marriage()?->date->span());
                $this->add($sex === Sex::Female ? 'Age of women at marriage' : 'Age of men at marriage',
                    in_array($sex, [Sex::Female, Sex::Male], true) ? $age : '');
            }
        }
    }

    /** @return array<string, array{array<string|int, int>, int}> what is drawn, by its title, with how many were counted */
    public function plots(int $commonest): array
    {
        $plots = [];
        foreach (['Births by decade', 'Age of women at marriage', 'Age of men at marriage', 'Age at death'] as $title) {
            $labelled = [];
            foreach (($this->counts[$title] ?? new Counts)->inSteps(self::STEP) as $from => $count) {
                $labelled[$title === 'Births by decade' ? "{$from}s" : $from.'–'.($from + self::STEP - 1)] = $count;
            }
            $plots[$title] = [$labelled, ($this->counts[$title] ?? new Counts)->total()];
        }
        $plots['Children of a couple'] = [($this->counts['Children of a couple'] ?? new Counts)->inSteps(1), $this->totals['Couples']];
        foreach (['Commonest surnames', 'Commonest given names of women', 'Commonest given names of men', 'Commonest places'] as $title) {
            $counts = $this->counts[$title] ?? new Counts;
            $plots[$title] = [$counts->commonest($commonest), $counts->total()];
        }

        return $plots;
    }

    private function add(string $title, string $value): void
    {
        if ($value !== '') {
            ($this->counts[$title] ??= new Counts)->add($value);
        }
    }

    /** @return string 1890; nothing where the days reach into another decade */
    private static function decade(?DaySpan $span): string
    {
        if ($span?->earliest === null || $span->latest === null) {
            return '';
        }
        [$first, $last] = [self::tens(Calendars::gregorian()->fromDay($span->earliest)[0]), self::tens(Calendars::gregorian()
            ->fromDay($span->latest)[0])];

        return $first === $last ? (string) $first : '';
    }

    /** @return string 60 for 60 to 69; nothing where the days leave another ten years open */
    private static function age(?DaySpan $birth, ?DaySpan $then): string
    {
        $age = $birth === null || $then === null ? null : Age::at($birth, $then);

        return $age !== null && self::tens($age->least) === self::tens($age->most) ? (string) self::tens($age->least) : '';
    }

    private static function tens(int $years): int
    {
        return (int) floor($years / self::STEP) * self::STEP;
    }
}
