<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Trees\Storage\CopyRows;
use Illuminate\Support\Str;
use NorthBough\Core\Gedcom\In\RowSink;
use NorthBough\Core\Gedcom\Row\EventRow;
use NorthBough\Core\Gedcom\Row\GroupRow;
use NorthBough\Core\Gedcom\Row\MemberRow;
use NorthBough\Core\Gedcom\Row\PictureLinkRow;
use NorthBough\Core\Gedcom\Row\PictureRow;
use NorthBough\Core\Gedcom\Row\RecordImageRow;
use NorthBough\Core\Gedcom\Row\Row;
use NorthBough\Core\Gedcom\Row\TextRow;
use NorthBough\Core\Place\PlaceResolver;
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

    /** @var list<RecordImageRow|PictureRow|PictureLinkRow> put where they belong once the files are in */
    public array $pictures = [];

    /** @var array<string, string> groups of the file that the tree has, by the id that the reader gave them */
    private array $known = [];

    /**
     * @param  array<string, true>  $understood  words of which it is said what they stand for, or that were looked at
     * @param  array<string, string>  $groups  ids of the groups and marks that the tree has, by "group NAME" and "mark NAME"
     * @param  \Closure(int): void  $progress  told the line that has been read
     */
    public function __construct(
        private readonly SpoolTarget $target,
        private array $understood,
        private readonly PlaceResolver $places,
        private readonly array $groups,
        private readonly \Closure $progress,
        private readonly FileOverlap $alike,
    ) {
    }

    public function add(Row $row): void
    {
        $this->alike->see($row);
        if ($row instanceof GroupRow && isset($this->groups["{$row->kind->value} {$row->name}"])) {
            $this->known[$row->id] = $this->groups["{$row->kind->value} {$row->name}"];

            return;
        }
        if ($row instanceof RecordImageRow || $row instanceof PictureRow || $row instanceof PictureLinkRow) {
            $this->pictures[] = $row;

            return;
        }
        $columns = RowColumns::of($row, $this->target->importId);
        if ($row instanceof MemberRow) {
            $columns["{$row->kind->value}_id"] = $this->known[$row->groupId] ?? $row->groupId;
        }
        if ($row instanceof TextRow && $row->place !== '') {
            $columns['place_id'] = $this->places->read($row->place)->standard?->id;
        }
        if ($row instanceof EventRow) {
            $this->understand($row->place);
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

    /** Notes which place of the gazetteer the words stand for, where they can mean one only and nothing is said of them yet. */
    private function understand(string $typed): void
    {
        if ($typed === '' || isset($this->understood[$typed])) {
            return;
        }
        $this->understood[$typed] = true;
        $standard = $this->places->read($typed)->standard;
        if ($standard !== null) {
            $this->write('place_wordings', ['id' => (string) Str::uuid7(), 'typed' => $typed, 'place_id' => $standard->id]);
        }
    }

    /** @param  array<string, string|int|bool|null>  $columns */
    private function write(string $table, array $columns): void
    {
        $columns = ['tree_id' => $this->target->treeId, 'made_by' => $this->target->changeSetId, ...$columns];
        if (! isset($this->files[$table])) {
            $this->files[$table] = fopen($this->path($table),
                'wb') ?: throw new RuntimeException("The spool file for {$table} cannot be written.");
            $this->columns[$table] = array_keys($columns);
            $this->counts[$table] = 0;
        }
        fwrite($this->files[$table], CopyRows::line($columns)."\n");
        $this->counts[$table]++;
    }

    private function path(string $table): string
    {
        return "{$this->target->folder}/{$table}.copy";
    }
}
