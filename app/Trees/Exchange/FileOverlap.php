<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Chrono\IsoDay;
use NorthBough\Core\Gedcom\Row\EventRow;
use NorthBough\Core\Gedcom\Row\FileRefRow;
use NorthBough\Core\Gedcom\Row\NameRow;
use NorthBough\Core\Gedcom\Row\Owner;
use NorthBough\Core\Gedcom\Row\Row;
use NorthBough\Core\Naming\SearchForm;

/**
 * How much of a file is in the tree already, though another program may have saved it anew: the shares of its people
 * with the same pointer, the same name, and both.
 */
final class FileOverlap
{
    /** Above this share of names with births, or of pointers with names, a file is taken for one that was brought in before. */
    private const TWICE = 0.6;

    private const FEWEST = 10;

    /** @var array<int, true> */
    private array $names = [];

    /** @var array<int, true> */
    private array $births = [];

    /** @var array<int, true> */
    private array $pointers = [];

    private int $people = 0;

    private int $sameNames = 0;

    private int $sameBirths = 0;

    private int $samePointers = 0;

    private string $personId = '';

    private string $name = '';

    private string $year = '';

    public function __construct(CurrentTree $current)
    {
        $lines = DB::table('person_lines')->where('tree_id', $current->id())->select(['shown_name', 'birth_day']);
        foreach ($lines->cursor() as $line) {
            $name = SearchForm::of($line->shown_name);
            $this->names[crc32($name)] = true;
            $this->births[crc32($name.'|'.($line->birth_day === null ? '' : IsoDay::year($line->birth_day)))] = true;
        }
        foreach (DB::table('file_refs')->where('tree_id', $current->id())->whereNotNull('person_id')->select('pointer')->cursor() as $ref) {
            $this->pointers[crc32($ref->pointer)] = true;
        }
    }

    /** Told every row of the file, a person's name and birth after the person. */
    public function see(Row $row): void
    {
        if ($this->names === []) {
            return;
        }
        if ($row instanceof FileRefRow && $row->thing->kind === Owner::Person) {
            $this->endPerson();
            $this->personId = $row->thing->id;
            $this->people++;
            $this->samePointers += isset($this->pointers[crc32($row->pointer)]) ? 1 : 0;
        } elseif ($row instanceof NameRow && $row->personId === $this->personId && $this->name === '') {
            $this->name = SearchForm::of($row->name->shown());
        } elseif ($row instanceof EventRow && $row->personId === $this->personId && $row->kind === 'birth' && $this->year === '') {
            $day = $row->date->span()->earliest ?? $row->date->span()?->latest;
            $this->year = $day === null ? '' : (string) IsoDay::year($day);
        }
    }

    /** A sentence when the file is much like what the tree has; empty when it is not. */
    public function sentence(): string
    {
        $this->endPerson();
        $most = max($this->sameBirths, min($this->samePointers, $this->sameNames));
        if ($this->people < self::FEWEST || $most / $this->people < self::TWICE) {
            return '';
        }

        return "Much of this file is in the tree already: of its {$this->people} people, {$this->sameNames} have a name and "
            ."{$this->sameBirths} a name and year of birth that are there, and {$this->samePointers} a pointer.";
    }

    private function endPerson(): void
    {
        if ($this->personId !== '' && $this->name !== '') {
            $this->sameNames += isset($this->names[crc32($this->name)]) ? 1 : 0;
            $this->sameBirths += isset($this->births[crc32("{$this->name}|{$this->year}")]) ? 1 : 0;
        }
        $this->personId = $this->name = $this->year = '';
    }
}
