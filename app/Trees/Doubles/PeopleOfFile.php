<?php

declare(strict_types=1);

namespace App\Trees\Doubles;

use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Chrono\IsoDay;
use NorthBough\Core\Gedcom\Row\EventRow;
use NorthBough\Core\Gedcom\Row\FileRefRow;
use NorthBough\Core\Gedcom\Row\NameRow;
use NorthBough\Core\Gedcom\Row\Owner;
use NorthBough\Core\Gedcom\Row\ParentageRow;
use NorthBough\Core\Gedcom\Row\ParentSetRow;
use NorthBough\Core\Gedcom\Row\PersonRow;
use NorthBough\Core\Gedcom\Row\Row;
use NorthBough\Core\Gedcom\Row\UnionPartnerRow;
use NorthBough\Core\Life\Window\Bounds;
use NorthBough\Core\Linkage\Doubles\LinkedPerson;
use NorthBough\Core\Linkage\Doubles\PeopleTable;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\EventTrait;

/** The people of a file that is looked at, as they are compared with those of the tree. Nothing of it is in. */
final class PeopleOfFile
{
    /** @var array<string, Sex> */
    private array $sex = [];

    /** @var array<string, list<PersonalName>> */
    private array $names = [];

    /** @var array<string, array<string, array{?DaySpan, string}>> span and place by person and trait */
    private array $events = [];

    /** @var array<string, string> */
    public array $pointers = [];

    /** @var array<string, string> child, by the id of a set of parents */
    private array $sets = [];

    /** @var list<array{string, string}> set of parents and parent */
    private array $parents = [];

    /** @var array<string, list<string>> by couple */
    private array $couples = [];

    /** @var array<string, DaySpan> by couple */
    private array $weddings = [];

    /** @var array<string, string> the trait that is looked at, by the code of a kind of event */
    private readonly array $traits;

    public function __construct()
    {
        $this->traits = PeopleToLink::traits();
    }

    public function see(Row $row): void
    {
        match (true) {
            $row instanceof PersonRow => $this->sex[$row->id] = $row->sex,
            $row instanceof NameRow => $this->names[$row->personId][] = $row->name,
            $row instanceof FileRefRow && $row->thing->kind === Owner::Person => $this->pointers[$row->thing->id] = $row->pointer,
            $row instanceof EventRow => $this->event($row),
            $row instanceof ParentSetRow => $this->sets[$row->id] = $row->childId,
            $row instanceof ParentageRow => $this->parents[] = [$row->parentSetId, $row->personId],
            $row instanceof UnionPartnerRow => $this->couples[$row->unionId][] = $row->personId,
            default => null,
        };
    }

    public function size(): int
    {
        return count($this->sex);
    }

    /** Adds them to the people of the tree. */
    public function addTo(PeopleTable $table): void
    {
        foreach ($this->sex as $id => $sex) {
            [[$birth, $born], [$baptism, $baptised], [$death, $died], [$burial, $buried]] = array_map(
                fn (EventTrait $trait): array => $this->events[$id][$trait->value] ?? [null, ''], PeopleToLink::TRAITS);
            $from = $birth ?? $baptism;
            $to = $death ?? $burial;
            $window = [$birth?->earliest, $from?->latest, $death?->earliest, $to?->latest];
            $table->add(new LinkedPerson($id, $sex, $this->names[$id] ?? [], $birth, $baptism, $born === '' ? $baptised : $born, $death,
                $burial, $died === '' ? $buried : $died, new Bounds([...$window, ...$window])));
        }
        foreach ($this->parents as [$set, $parent]) {
            isset($this->sets[$set], $this->sex[$this->sets[$set]], $this->sex[$parent]) && $table->parent($this->sets[$set], $parent);
        }
        foreach ($this->couples as $union => $partners) {
            [$a, $b] = $partners + ['', ''];
            isset($this->sex[$a], $this->sex[$b]) && $a !== $b && $table->couple($a, $b, $this->weddings[$union] ?? null);
        }
    }

    /** @return string name and years, as somebody is known by */
    public function shown(string $id): string
    {
        $name = isset($this->names[$id]) ? $this->names[$id][0]->shown() : 'without a name';
        $year = static fn (?DaySpan $span): string => ($day = $span->earliest ?? $span?->latest) === null ? ''
            : (string) IsoDay::year($day);
        [$birth, $baptism, $death, $burial] = array_map(fn (EventTrait $trait): ?DaySpan => $this->events[$id][$trait->value][0] ?? null,
            PeopleToLink::TRAITS);
        $years = $year($birth ?? $baptism).'–'.$year($death ?? $burial);

        return $years === '–' ? $name : "{$name} {$years}";
    }

    private function event(EventRow $row): void
    {
        if ($row->denied) {
            return;
        }
        $trait = $this->traits[$row->kind] ?? '';
        if ($row->personId !== null && $trait !== '') {
            $this->events[$row->personId][$trait] ??= [$row->date->span(), $row->place];
        } elseif ($row->unionId !== null && $row->kind === 'marriage' && $row->date->span() !== null) {
            $this->weddings[$row->unionId] ??= $row->date->span();
        }
    }
}
