<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\WholeTree;

use NorthBough\Core\Chrono\Calendar\Calendars;
use NorthBough\Core\Chrono\DateKind;
use NorthBough\Core\Chrono\Precision;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Presentation\Option;
use NorthBough\Core\Report\Material;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Report\Node\Paragraph;
use NorthBough\Core\Report\Node\Table;
use NorthBough\Core\Report\PersonRef;
use NorthBough\Core\Report\Sheet;
use NorthBough\Core\Report\TreeReport;
use NorthBough\Core\Tree\Event;

/** Births, deaths and weddings by the day of the year, where a day is known and not only a month or a year. */
final readonly class Anniversaries extends TreeReport
{
    public function __construct(
        #[Option('Month', 'One month alone by its number, 0 for the whole year', from: 0, to: 12)] public int $month = 0,
        #[Option('Births', 'With days of birth')] public bool $births = true,
        #[Option('Deaths', 'With days of death')] public bool $deaths = true,
        #[Option('Weddings', 'With days of weddings')] public bool $weddings = true,
    ) {
    }

    public static function code(): string
    {
        return 'anniversaries';
    }

    public static function title(): string
    {
        return 'Anniversaries';
    }

    protected function tell(Material $material, array $personIds, string $day): array
    {
        $days = [];
        foreach ($this->births || $this->deaths ? $material->lists()->everybody($personIds) : [] as $person) {
            $named = [StyledWords::person($person->name()->shown(), $person->id)];
            $this->note($days, $this->births ? $person->vitals()->birth() : null, 'born', $named, $person->id);
            $this->note($days, $this->deaths ? $person->vitals()->death() : null, 'died', $named, $person->id);
        }
        foreach ($this->weddings ? $material->lists()->couples($personIds) : [] as $union) {
            $partners = $union->marriage() === null ? [] : $material->tree()->lives($union->partnerIds);
            $named = [];
            foreach (array_values($partners) as $at => $partner) {
                array_push($named, ...$at === 0 ? [] : [StyledWords::plain(' and ')], ...[StyledWords::person($partner->name()->shown(),
                    $partner->id)]);
            }
            $this->note($days, $named === [] ? null : $union->marriage(), 'married', $named, $union->partnerIds[0] ?? '');
        }
        ksort($days);

        return $days === [] ? [[Paragraph::faint('No day is known.')], null] : [self::blocks($days), self::sheet($days)];
    }

    /**
     * @param  array<int, list<array{year: int, what: string, words: list<StyledWords>, personId: string}>>  $days  by month × 100 + day
     * @param  list<StyledWords>  $named
     */
    private function note(array &$days, ?Event $event, string $what, array $named, string $personId): void
    {
        $date = $event?->date;
        $span = $date?->span();
        if ($date === null || $date->kind !== DateKind::Exact || $date->precision !== Precision::Day || $span?->earliest === null
            || $date->isAmbiguous()) {
            return;
        }
        // The day as it was written, in the calendar of its time: that is the one that is kept.
        [$year, $month, $day] = preg_match('/^(?:JULIAN )?(\d{1,2}) ([A-Z]{3}) (\d+)/', $date->normal, $m) === 1
            ? [(int) $m[3], Calendars::gregorian()->monthNumber(ucfirst(strtolower($m[2]))), (int) $m[1]] : Calendars::gregorian()
                ->fromDay($span->earliest);
        if ($this->month === 0 || $this->month === $month) {
            $days[$month * 100 + $day][] = ['year' => $year, 'what' => $what, 'words' => $named, 'personId' => $personId];
        }
    }

    /**
     * @param  array<int, list<array{year: int, what: string, words: list<StyledWords>, personId: string}>>  $days
     * @return list<Heading|Table>
     */
    private static function blocks(array $days): array
    {
        $months = [];
        foreach ($days as $key => $notes) {
            usort($notes, static fn (array $a, array $b): int => $a['year'] <=> $b['year']);
            foreach ($notes as $at => $note) {
                $months[intdiv($key, 100)][] = [$at === 0 ? [StyledWords::plain((string) ($key % 100))] : [],
                    [StyledWords::plain((string) $note['year'])],
                    [StyledWords::plain($note['what'])], $note['words']];
            }
        }
        $blocks = [];
        foreach ($months as $month => $rows) {
            $name = Calendars::gregorian()->monthName($month);
            array_push($blocks, Heading::of(2, $name), new Table($name, ['Day', 'Year', 'What', 'Who'], $rows));
        }

        return $blocks;
    }

    /** @param  array<int, list<array{year: int, what: string, words: list<StyledWords>, personId: string}>>  $days */
    private static function sheet(array $days): Sheet
    {
        $rows = [];
        foreach ($days as $key => $notes) {
            foreach ($notes as $note) {
                $rows[] = [(string) intdiv($key, 100), (string) ($key % 100), (string) $note['year'], $note['what'],
                    StyledWords::textOf($note['words']), new PersonRef($note['personId'])];
            }
        }

        return new Sheet(['month', 'day', 'year', 'what', 'who', 'ref'], $rows);
    }
}
