<?php

declare(strict_types=1);

namespace NorthBough\Core\Record;

use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\StatedAge;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;

/** What one record says of people: its kind, its day and place, and its lines. */
final readonly class Roll
{
    /** @var array<string, Role|null> by line */
    private array $roles;

    /** @var array<string, string> line that a role's tie is told of, by line */
    private array $principals;

    /**
     * @param  list<RollLine>  $lines in the order of the page
     * @param  DatingConvention|null  $convention  how the page writes its dates; null for the usual one
     */
    public function __construct(
        public RecordKind $kind,
        public GenDate $date,
        public string $place,
        public array $lines,
        public ?DatingConvention $convention = null,
    ) {
        $roles = [];
        foreach ($lines as $line) {
            $roles[$line->id] = $kind->role($line->role) ?? $kind->role($this->written($line, ColumnMeaning::Relation));
        }
        $this->roles = $roles;
        $this->principals = $this->principals();
    }

    /** What a line says in the column of a meaning; empty where the kind has no such column. */
    public function written(RollLine $line, ColumnMeaning $meaning): string
    {
        $column = $this->kind->column($meaning);

        return $column === null ? '' : trim($line->columns[$column->code] ?? '');
    }

    /** A date in the words of the page, as the page reckons. */
    public function day(string $words): GenDate
    {
        return GenDate::parse($words, $this->convention);
    }

    public function role(RollLine $line): ?Role
    {
        return $this->roles[$line->id];
    }

    /** The line of whom a line's tie is told: the head for his wife, the bride for her father. */
    public function principalOf(RollLine $line): ?RollLine
    {
        return $this->line($this->principals[$line->id] ?? '');
    }

    public function tie(RollLine $line): RoleRelation
    {
        return $this->role($line)
            ->tie ?? ($this->kind->column(ColumnMeaning::Relation) === null && $line->role === '' && $this->kind->eventIsOfAll
                ? RoleRelation::Kin : RoleRelation::None);
    }

    /** Whoever is told to be this of that line: the wife of the head. */
    public function firstTied(RollLine $principal, RoleRelation $tie): ?RollLine
    {
        foreach ($this->lines as $line) {
            if ($this->tie($line) === $tie && ($this->principals[$line->id] ?? '') === $principal->id) {
                return $line;
            }
        }

        return null;
    }

    public function sex(RollLine $line): Sex
    {
        $known = mb_strtolower(mb_substr($this->written($line, ColumnMeaning::Sex), 0, 1));
        $role = $this->role($line);

        return match (true) {
            $known === 'm' => Sex::Male,
            $known === 'f', $known === 'w' => Sex::Female,
            default => $role->sex ?? Sex::Unknown,
        };
    }

    /** The days of birth that a line tells: by a day in its own column, else by the sum of a told age. */
    public function born(RollLine $line): ?DaySpan
    {
        $written = $this->written($line, ColumnMeaning::BirthDate);
        if ($written !== '') {
            return $this->day($written)->span();
        }
        $age = StatedAge::parse($this->written($line, ColumnMeaning::Age), $this->kind->ageConvention);
        $known = $this->date->span();

        return $age === null || $known === null ? null : $age->bornBySum($known);
    }

    /** The name as it is written, in its parts. */
    public function name(RollLine $line): PersonalName
    {
        return PersonalName::parse($line->name);
    }

    /** @return non-empty-list<PersonalName> as it was read, then as a doubtful name may read besides */
    public function names(RollLine $line): array
    {
        return [$this->name($line), ...array_map(PersonalName::parse(...), $line->others(RollLine::NAME))];
    }

    public function line(string $id): ?RollLine
    {
        foreach ($this->lines as $line) {
            if ($line->id === $id) {
                return $line;
            }
        }

        return null;
    }

    /** @return array<string, string> */
    private function principals(): array
    {
        $principals = [];
        $byRole = [];
        $head = null;
        foreach ($this->lines as $line) {
            $role = $this->roles[$line->id];
            if ($role?->tie === RoleRelation::Principal) {
                // Each head begins a household of its own on the same page.
                $head = $line->id;
                $byRole = [];
            }
            if ($role !== null) {
                $byRole[$role->code] = $line->id;
            }
            $principal = $role === null || $role->of === '' ? $head : ($byRole[$role->of] ?? $head);
            if ($principal !== null && $principal !== $line->id) {
                $principals[$line->id] = $principal;
            }
        }

        return $principals;
    }
}
