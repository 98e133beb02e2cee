<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Models\Import;
use App\Models\Tree;
use App\Models\User;
use App\Trees\Changes\AuthoredTables;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangeMethod;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\DerivedTables;
use App\Trees\Changes\Intent;
use App\Trees\Places\Gazetteers;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use NorthBough\Core\Gedcom\In\FileNames;
use NorthBough\Core\Gedcom\In\FileReport;
use NorthBough\Core\Gedcom\In\GedcomReader;
use NorthBough\Core\Gedcom\In\ImportOptions;
use NorthBough\Core\Gedcom\NotReadable;
use NorthBough\Core\Gedcom\Remark;
use NorthBough\Core\Place\PlaceResolver;

/**
 * Brings a file into the current tree: spooled to disk first, then one transaction of COPY. It is there whole or not
 * at all.
 */
final readonly class ImportTree
{
    public function __construct(
        private ChangeSets $changes,
        private CurrentTree $current,
        private DerivedTables $derived,
        private Gazetteers $gazetteers,
    ) {
    }

    /**
     * @param  bool  $askTwice  whether a file much of which is in the tree already is refused
     * @param  ImportOptions  $choice  how it is read, and which part of it
     * @return array<string, mixed> the report that is kept
     *
     * @throws NotReadable when the file is refused
     * @throws AlreadyImported
     * @throws Cancelled when the person who asked for it no longer wants it
     */
    public function run(
        string $path,
        string $fileName,
        ?User $user,
        Progress $progress,
        bool $askTwice = false,
        ImportOptions $choice = new ImportOptions,
    ): array {
        $started = microtime(true);
        $tree = $this->current->get();
        $sha256 = (string) hash_file('sha256', $path);
        $again = Import::query()->where('sha256', $sha256)->first();
        $folder = storage_path('app/spool/'.Str::uuid7());
        File::ensureDirectoryExists($folder);
        Tree::query()->whereKey($tree->id)->update(['busy_with' => "Bringing in {$fileName}"]);
        try {
            $report = $this->changes->run(
                new Intent($user, "Brought in {$fileName}", '', ChangeMethod::Import),
                fn (Change $change): array => $this->bringIn(
                    $change, $tree, new ImportedFile($path, $fileName, $sha256, $folder), $progress, $askTwice, $choice),
            );
        } finally {
            File::deleteDirectory($folder);
            Tree::query()->whereKey($tree->id)->update(['busy_with' => null]);
        }

        return ['tree' => $tree->name, ...$report, 'again' => $again === null ? '' : $again->brought_in_at,
            'seconds' => round(microtime(true) - $started, 2)];
    }

    /** @return array<string, mixed> */
    private function bringIn(
        Change $change,
        Tree $tree,
        ImportedFile $file,
        Progress $progress,
        bool $askTwice,
        ImportOptions $choice,
    ): array {
        $archive = Archive::open($file->path, $file->folder);
        $before = TreeCounts::of($tree->id);
        $alike = new FileOverlap($this->current);
        $bytes = (int) filesize($archive->gedcomPath);
        $importId = (string) Str::uuid7();
        // A line is some twenty bytes; near enough for telling how far it has come.
        $lines = max(1, intdiv($bytes, 20));
        $sink = new SpoolSink(new SpoolTarget($file->folder, $tree->id, $change->id, $importId),
            array_fill_keys(DB::table('place_wordings')->where('tree_id', $tree->id)->pluck('typed')->all(), true),
            new PlaceResolver($this->gazetteers->whole()), $this->groups(),
            static fn (int $line) => $progress->report(max(0, min(60, (int) (60 * $line / $lines))), "Reading, line {$line}"), $alike);
        $came = new FileNames($archive->pictures());
        $report = GedcomReader::read(static fn (): iterable => self::chunks($archive->gedcomPath), $sink, new UuidMint, $tree->fresh()
            ->next_number ?? 1,
            $archive->pictures() === [] ? null : static fn (string $path): bool => $came->meant($path) !== '', $choice);
        if ($askTwice && $alike->sentence() !== '') {
            throw new AlreadyImported($alike->sentence(), 409, ['again' => true]);
        }
        $kept = self::kept($report);
        Import::query()->create([
            'id' => $importId, 'file_name' => $file->name, 'bytes' => $bytes, 'sha256' => $file->sha256,
            'standard' => $report->version->value,
            'head' => $report->head, 'report' => $kept, 'brought_in_at' => Carbon::now(),
        ]);
        $this->copy($change, $sink->close(), $progress);
        $pictures = ArchivePictures::take($archive, $tree->id, $change->id, $file->folder);
        if ($pictures > 0) {
            $change->bulk('media', $pictures);
        }
        $put = new PictureImport($tree->id, $change->id, $came);
        foreach ($put->put($sink->pictures) as $table => $rows) {
            $change->bulk($table, $rows);
        }
        $kept += ['before' => $before, 'after' => TreeCounts::of($tree->id)];
        $kept['pictures'] = ReferencedFiles::ofImport($tree->id, $importId, $came, $put->paths());
        Import::query()->where('id', $importId)
            ->update(['report' => json_encode($kept, JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE)]);
        Tree::query()->findOrFail($tree->id)->takeNumbers($report->counts['people']);
        $progress->report(97, 'Sorting the index');
        $this->derived->rebuildAtOnce();

        return $kept;
    }

    /** @param  array<string, array{file: string, columns: list<string>, rows: int}>  $spooled */
    private function copy(Change $change, array $spooled, Progress $progress): void
    {
        // Foreign keys are checked by plans made when these tables may still be taken for empty, and kept: without this
        // every row of a first import would look for its owner from the top of a growing table.
        DB::statement('SET LOCAL enable_seqscan = off');
        $tables = array_values(array_intersect(AuthoredTables::names(), array_keys($spooled)));
        foreach ($tables as $index => $table) {
            $progress->report(60 + max(0, min(35, intdiv(35 * $index, count($tables)))), 'Storing '.str_replace('_', ' ', $table));
            ['file' => $file, 'columns' => $columns, 'rows' => $rows] = $spooled[$table];
            DB::connection()->getPdo()->pgsqlCopyFromFile($table, $file, "\t", '\\\\N', implode(',', $columns));
            $change->bulk($table, $rows);
            // Without fresh statistics the planner takes the table for empty: the foreign keys of the tables after it would be
            // checked by whichever index begins with the tree, through all of it for every row.
            DB::statement("ANALYZE {$table}");
        }
        DB::statement('SET LOCAL enable_seqscan = on');
    }

    /** @return array<string, string> */
    private function groups(): array
    {
        $ids = [];
        foreach (['group' => 'groups', 'mark' => 'marks'] as $kind => $table) {
            foreach (DB::table($table)->where('tree_id', $this->current->id())->pluck('id', 'name') as $name => $id) {
                $ids["{$kind} {$name}"] = $id;
            }
        }

        return $ids;
    }

    /** @return array<string, mixed> */
    private static function kept(FileReport $report): array
    {
        return [
            ...$report->counts,
            'lines' => $report->lines,
            'version' => $report->version->value,
            'unplaced' => self::listed($report, static fn (Remark $r): bool => ! $r->isPlaced),
            'noted' => self::listed($report, static fn (Remark $r): bool => $r->isPlaced),
            'kept' => $report->kept,
            'leftOut' => ['people' => $report->leftOut->people, 'records' => $report->leftOut->records, 'lines' => $report->leftOut->lines],
            'repaired' => self::listed($report, static fn (Remark $r): bool => $r->isMended),
        ];
    }

    /**
     * @param  \Closure(Remark): bool  $which
     * @return list<array{line: int, text: string, why: string}>
     */
    private static function listed(FileReport $report, \Closure $which): array
    {
        return array_values(
            array_map(static fn (Remark $r): array => ['line' => $r->line, 'text' => $r->text, 'why' => $r->why],
                array_filter($report->remarks, $which)));
    }

    /** @return \Generator<int, string> */
    public static function chunks(string $path): \Generator
    {
        $file = fopen($path, 'rb') ?: throw NotReadable::empty();
        try {
            while (! feof($file)) {
                $chunk = (string) fread($file, 1 << 18);
                if ($chunk !== '') {
                    yield $chunk;
                }
            }
        } finally {
            fclose($file);
        }
    }
}
