<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Models\Import;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use NorthBough\Core\Gedcom\In\Encoding\EncodingCheck;
use NorthBough\Core\Gedcom\In\FileNames;
use NorthBough\Core\Gedcom\In\FilePreview;
use NorthBough\Core\Gedcom\In\ImportOptions;
use NorthBough\Core\Gedcom\NotReadable;
use NorthBough\Core\Gedcom\Remark;
use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Gedcom\Row\PictureRow;
use NorthBough\Core\Gedcom\Row\RecordImageRow;
use NorthBough\Core\Gedcom\Row\Row;

/** Looks at a file before it is brought in, and says how much of it the current tree has already. Nothing is written. */
final readonly class PreviewFile
{
    /** So many odd lines and missing pictures are listed; all are counted. */
    private const LISTED = 200;

    public function __construct(private CurrentTree $current)
    {
    }

    /**
     * @param  string  $people  path of a file to which everybody in it is written, to choose one from; empty for none
     * @param  \Closure(Row): void|null  $also  told every row, too
     * @return array<string, mixed> version, program, encoding, inDoubt, readings, people, families, events, sources, firstYear,
     *     lastYear, lines, kept, odd, oddCount, pictures, alike
     *
     * @throws NotReadable
     */
    public function run(string $path, Progress $progress, string $people = '', ?\Closure $also = null): array
    {
        $folder = storage_path('app/spool/'.Str::uuid7());
        File::ensureDirectoryExists($folder);
        try {
            $archive = Archive::open($path, $folder);
            $alike = new FileOverlap($this->current);
            $named = [];
            $doubt = EncodingCheck::about(ImportTree::chunks($archive->gedcomPath));
            $readings = $doubt->readings();
            $choice = new ImportOptions($doubt->isOpen() ? $readings[0]['name'] : '');
            $everybody = $people === '' ? null : new PeopleInFile($people);
            $lines = max(1, intdiv((int) filesize($archive->gedcomPath), 20));
            $look = FilePreview::into(static fn (): iterable => ImportTree::chunks($archive->gedcomPath), new UuidMint,
                static function (Row $row) use ($alike, $everybody, $also, &$named): void {
                    $alike->see($row);
                    $also === null || $also($row);
                    $everybody?->see($row);
                    $named += match (true) {
                        $row instanceof PictureRow, $row instanceof RecordImageRow => [$row->path => true],
                        $row instanceof KeptRow => array_fill_keys(ReferencedFiles::in($row->lines), true),
                        default => [],
                    };
                }, static fn (int $line) => $progress->report(max(0, min(99, (int) (100 * $line / $lines))), "Looking, line {$line}"),
                $choice);
            $everybody?->close();
        } finally {
            File::deleteDirectory($folder);
        }
        $report = $look['report'];
        $came = new FileNames($archive->pictures());
        $files = array_map(strval(...),
            array_keys(array_filter($named, static fn (bool $is, int|string $file): bool => preg_match('/^https?:/i', (string) $file) !== 1,
                ARRAY_FILTER_USE_BOTH)));
        $missing = array_values(array_filter($files, static fn (string $file): bool => $came->meant($file) === ''));
        $again = Import::query()->where('sha256', (string) hash_file('sha256', $path))->first();

        return [
            'version' => $report->version->value, 'program' => $look['program'], 'encoding' => $look['encoding'],
            'inDoubt' => $doubt->isOpen(), 'readings' => $readings,
            ...array_intersect_key($report->counts, ['people' => 1, 'families' => 1, 'events' => 1, 'sources' => 1]),
            'firstYear' => $look['firstYear'], 'lastYear' => $look['lastYear'], 'lines' => $report->lines, 'kept' => $report->kept,
            'odd' => array_map(static fn (Remark $r): array => ['line' => $r->line, 'text' => $r->text, 'why' => $r->why],
                array_slice($report->remarks, 0, self::LISTED)), 'oddCount' => count($report->remarks),
            'pictures' => ['found' => count($files) - count($missing), 'missing' => array_slice($missing, 0, self::LISTED),
                'missingCount' => count($missing)],
            'alike' => $again !== null ? "This very file was brought into this tree before, as {$again->file_name}." : $alike->sentence(),
        ];
    }
}
