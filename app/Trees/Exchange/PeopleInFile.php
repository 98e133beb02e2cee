<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use NorthBough\Core\Chrono\IsoDay;
use NorthBough\Core\Gedcom\Row\EventRow;
use NorthBough\Core\Gedcom\Row\FileRefRow;
use NorthBough\Core\Gedcom\Row\NameRow;
use NorthBough\Core\Gedcom\Row\Owner;
use NorthBough\Core\Gedcom\Row\PersonRow;
use NorthBough\Core\Gedcom\Row\Row;
use NorthBough\Core\Naming\SearchForm;
use RuntimeException;

/** Everybody in a file that is looked at, a line each, so that one of them can be found by name before any of it is in. */
final class PeopleInFile
{
    private const MOST = 20;

    /** @var resource */
    private $file;

    private string $id = '';

    private string $pointer = '';

    private string $name = '';

    /** @var array<string, int> */
    private array $years = [];

    public function __construct(string $path)
    {
        $this->file = fopen($path, 'wb') ?: throw new RuntimeException('The list of people cannot be written.');
    }

    /** Told every row; those of a person come one after another. */
    public function see(Row $row): void
    {
        if ($row instanceof PersonRow) {
            $this->write();
            [$this->id, $this->pointer, $this->name, $this->years] = [$row->id, '', '', []];
        } elseif ($row instanceof FileRefRow && $row->thing->kind === Owner::Person && $row->thing->id === $this->id) {
            $this->pointer = $row->pointer;
        } elseif ($row instanceof NameRow && $row->personId === $this->id && $this->name === '') {
            $this->name = $row->name->shown();
        } elseif ($row instanceof EventRow && $row->personId === $this->id) {
            $this->year($row);
        }
    }

    public function close(): void
    {
        $this->write();
        fclose($this->file);
    }

    /**
     * @param  string  $words  all of which somebody's name or years must have, each as the start of a word
     * @return list<array{pointer: string, name: string, years: string}> twenty at most, in the file's order
     */
    public static function found(string $path, string $words): array
    {
        $wanted = array_filter(explode(' ', SearchForm::of($words)), static fn (string $word): bool => $word !== '');
        $found = [];
        $file = $wanted === [] ? false : @fopen($path, 'rb');
        while ($file !== false && count($found) < self::MOST && ($line = fgets($file)) !== false) {
            [$pointer, $name, $years] = explode("\t", rtrim($line, "\n")) + ['', '', ''];
            $searched = ' '.SearchForm::of("{$name} {$years} ".trim($pointer, '@')).' '.SearchForm::latin($name);
            foreach ($wanted as $word) {
                if (! str_contains($searched, " {$word}")) {
                    continue 2;
                }
            }
            $found[] = ['pointer' => $pointer, 'name' => $name, 'years' => $years === '–' ? '' : $years];
        }

        return $found;
    }

    private function write(): void
    {
        if ($this->pointer !== '') {
            $years = ($this->years['birth'] ?? '').'–'.($this->years['death'] ?? '');
            fwrite($this->file, implode("\t", [$this->pointer, (string) preg_replace('/\s+/u', ' ', $this->name), $years])."\n");
        }
    }

    private function year(EventRow $row): void
    {
        $day = $row->date->span()->earliest ?? $row->date->span()?->latest;
        if ($day !== null && in_array($row->kind, ['birth', 'death'], true)) {
            $this->years[$row->kind] ??= IsoDay::year($day);
        }
    }
}
