<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use Illuminate\Support\Str;
use NorthBough\Core\Gedcom\Reading\RowSink;
use NorthBough\Core\Gedcom\Row\EventRow;
use NorthBough\Core\Gedcom\Row\Row;
use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Place\PlacePath;
use RuntimeException;

/** Writes the rows of a file to one spool file a table, ready for COPY, so that memory does not grow with the file. */
final class SpoolSink implements RowSink
{
    /** @var array<string, resource> */
    private array $files = [];

    /** @var array<string, list<string>> */
    private array $columns = [];

    /** @var array<string, int> */
    private array $counts = [];

    /** @var array<string, string> "inside|search" => id */
    private array $places;

    /** @var array<string, string|null> words as typed => id of the innermost place */
    private array $typedPlaces = [];

    /**
     * @param  array<string, string>  $knownPlaces  "inside|search" => id of the places that the tree has
     * @param  \Closure(int): void  $progress  told the line that has been read
     */
    public function __construct(
        private readonly string $folder,
        private readonly string $treeId,
        private readonly string $changeSetId,
        private readonly string $importId,
        array $knownPlaces,
        private readonly \Closure $progress,
        private readonly Alike $alike,
    ) {
        $this->places = $knownPlaces;
    }

    public function add(Row $row): void
    {
        $this->alike->see($row);
        $columns = RowColumns::of($row, $this->importId);
        if ($row instanceof EventRow) {
            $columns['place_id'] = $this->place($row->place);
        }
        $this->write(RowColumns::table($row), $columns);
    }

    public function at(int $line): void
    {
        ($this->progress)($line);
    }

    /** @return array<string, array{file: string, columns: list<string>, rows: int}> by table */
    public function close(): array
    {
        $spooled = [];
        foreach ($this->files as $table => $file) {
            fclose($file);
            $spooled[$table] = ['file' => $this->path($table), 'columns' => $this->columns[$table], 'rows' => $this->counts[$table]];
        }
        $this->files = [];

        return $spooled;
    }

    private function place(string $typed): ?string
    {
        return $this->typedPlaces[$typed] ??= $this->chained($typed);
    }

    private function chained(string $typed): ?string
    {
        $insideId = null;
        foreach (array_reverse(PlacePath::parse($typed)->names) as $name) {
            $search = SearchForm::of($name);
            $key = "{$insideId}|{$search}";
            if (! isset($this->places[$key])) {
                $this->places[$key] = (string) Str::uuid7();
                $this->write('places', ['id' => $this->places[$key], 'name' => $name, 'inside_id' => $insideId, 'search' => $search]);
            }
            $insideId = $this->places[$key];
        }

        return $insideId;
    }

    /** @param  array<string, string|int|bool|null>  $columns */
    private function write(string $table, array $columns): void
    {
        $columns = ['tree_id' => $this->treeId, 'made_by' => $this->changeSetId, ...$columns];
        if (! isset($this->files[$table])) {
            $this->files[$table] = fopen($this->path($table), 'wb') ?: throw new RuntimeException("The spool file for {$table} cannot be written.");
            $this->columns[$table] = array_keys($columns);
            $this->counts[$table] = 0;
        }
        fwrite($this->files[$table], CopyRows::line($columns)."\n");
        $this->counts[$table]++;
    }

    private function path(string $table): string
    {
        return "{$this->folder}/{$table}.copy";
    }
}
