<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Chrono\IsoDay;
use NorthBough\Core\Gedcom\In\Encoding\Encoding;
use NorthBough\Core\Gedcom\Out\LineWriter;
use NorthBough\Core\Gedcom\Row\EventRow;
use NorthBough\Core\Gedcom\Row\Row;

/**
 * A file looked at before anything of it is brought in: what it is, how much is in it, what would be kept and what is odd.
 * Nothing is stored.
 */
final class FilePreview implements RowSink
{
    private ?int $firstYear = null;

    private ?int $lastYear = null;

    /**
     * @param  \Closure(Row): void  $see  told every row that goes by
     * @param  \Closure(int): void  $progress
     */
    private function __construct(private readonly \Closure $see, private readonly \Closure $progress)
    {
    }

    /**
     * @param  callable(): iterable<string>  $open  gives the file's bytes from the start, each time it is called
     * @param  \Closure(Row): void  $see  told every row
     * @param  \Closure(int): void  $progress  told the line that has been read
     * @param  ImportOptions  $choice  how it is read
     * @return array{program: string, encoding: string, firstYear: int|null, lastYear: int|null, report: FileReport}
     *
     * @throws \NorthBough\Core\Gedcom\NotReadable
     */
    public static function into(
        callable $open,
        IdMint $mint,
        \Closure $see,
        \Closure $progress,
        ImportOptions $choice = new ImportOptions,
    ): array {
        $look = new self($see, $progress);
        $start = '';
        foreach ($open() as $chunk) {
            $start .= $chunk;
            if (strlen($start) > 1 << 14) {
                break;
            }
        }
        $report = GedcomReader::read($open, $look, $mint, choice: $choice);
        $program = LineWriter::restore($report->head)->first('SOUR');

        return [
            'program' => trim(($program?->text('NAME') ?: $program?->payload).' '.$program?->text('VERS')),
            'encoding' => Encoding::of($start, $choice->encoding)->name(),
            'firstYear' => $look->firstYear, 'lastYear' => $look->lastYear, 'report' => $report,
        ];
    }

    public function add(Row $row): void
    {
        ($this->see)($row);
        $span = $row instanceof EventRow ? $row->date->span() : null;
        foreach (array_filter([$span?->earliest, $span?->latest], is_int(...)) as $day) {
            $year = IsoDay::year($day);
            $this->firstYear = min($this->firstYear ?? $year, $year);
            $this->lastYear = max($this->lastYear ?? $year, $year);
        }
    }

    public function at(int $line): void
    {
        ($this->progress)($line);
    }
}
