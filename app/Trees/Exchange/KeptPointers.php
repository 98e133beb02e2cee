<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Gedcom\In\TextCitations;
use NorthBough\Core\Gedcom\Out\Pointers;
use NorthBough\Core\Gedcom\Row\KeptRow;

/**
 * Pointers of everything that leaves, and the new names for those in kept lines where two files that were brought in
 * used the same one.
 */
final class KeptPointers
{
    /** @var array<string, array<string, string>> import => old pointer => new */
    private array $renamed = [];

    public function __construct(private readonly CurrentTree $current)
    {
    }

    public function all(): Pointers
    {
        $pointers = new Pointers;
        foreach ($this->rows('file_refs')->orderBy('import_id')->orderBy('id')->cursor() as $ref) {
            $id = $ref->person_id ?? $ref->union_id ?? $ref->source_id ?? $ref->repository_id;
            $pointers->prefer($id, $ref->pointer);
        }
        foreach ($this->rows('media')->whereRaw("written->'POINTER' IS NOT NULL")->orderBy('made_by')->orderBy('id')
            ->get(['id', 'written']) as $picture) {
            $pointers->prefer($picture->id, json_decode($picture->written, true, flags: JSON_THROW_ON_ERROR)['POINTER'][1]);
        }
        $others = [];
        foreach ($this->rows('kept')->where('pointer', '!=', '')->orderBy('import_id')->orderBy('id')
            ->get(['id', 'pointer', 'import_id']) as $kept) {
            $pointers->prefer($kept->id, $kept->pointer);
            $others[] = [$kept->id, $kept->pointer, $kept->import_id];
        }
        foreach ($this->rows('people')->orderBy('number')->cursor() as $person) {
            $pointers->ensure($person->id, 'I', $person->number);
        }
        foreach (['unions' => 'F', 'sources' => 'S', 'repositories' => 'R', 'media' => 'M'] as $table => $letter) {
            foreach ($this->rows($table)->orderBy('ordinal')->orderBy('id')->pluck('id')->diff($table === 'sources' ? $this->holding() : [])
                ->values() as $index => $id) {
                $pointers->ensure($id, $letter, $index + 1);
            }
        }
        foreach ($others as $index => [$id, $pointer, $importId]) {
            $pointers->ensure($id, 'X', $index + 1);
            $this->note($importId, $pointer, $pointers->of($id));
        }
        foreach ($this->rows('file_refs')->cursor() as $ref) {
            $id = $ref->person_id ?? $ref->union_id ?? $ref->source_id ?? $ref->repository_id;
            $this->note($ref->import_id, $ref->pointer, $pointers->of($id));
        }

        return $pointers;
    }

    /** Kept lines with the pointers that things have now. */
    public function renamed(KeptRow $row, string $importId): KeptRow
    {
        $names = $this->renamed[$importId] ?? [];
        if ($names === []) {
            return $row;
        }
        // A pointer names the record, or is the whole of what a line says: text that begins with @ has it doubled.
        $new = static fn (string $pointer): string => $names[$pointer] ?? $pointer;
        $lines = preg_replace_callback(
            '/^(\d{1,2} )(@[^@\n]+@ )?(\w+)( .*)?$/m',
            static fn (array $m): string => $m[1].($m[2] === '' ? '' : $new(trim($m[2])).' ').$m[3]
                .(preg_match('/^ (@[^@\n]+@)$/', $m[4] ?? '', $at) === 1 ? " {$new($at[1])}" : $m[4] ?? ''),
            $row->lines,
        );

        return new KeptRow($row->id, $row->owner, $row->pointer, $row->path, $row->ordinal, (string) $lines);
    }

    /**
     * Sources that are none: they hold what a file cited in words, and nothing else is said of them.
     *
     * @return list<string>
     */
    private function holding(): array
    {
        $holding = [];
        foreach ($this->rows('sources')->whereRaw("written->'@VOID@' IS NOT NULL")->get() as $row) {
            $hasMore = fn (string $table): bool => $this->rows($table)->where('source_id', $row->id)->exists();
            $isMore = ! TextCitations::isHolding(FileRows::source($row))
                || array_filter(['notes', 'kept', 'group_members', 'markings', 'media_links', 'searches', 'tasks'], $hasMore) !== []
                || (new RollRecords($this->current))->of(collect([$row->id])) !== []
                || $this->rows('records')->where('source_id', $row->id)
                    ->whereNotExists(static fn (Builder $query) => $query->selectRaw('1')->from('claims')
                        ->whereColumn('claims.tree_id', 'records.tree_id')->whereColumn('claims.record_id', 'records.id'))->exists();
            if (! $isMore) {
                $holding[] = (string) $row->id;
            }
        }

        return $holding;
    }

    private function note(string $importId, string $old, string $new): void
    {
        if ($old !== $new) {
            $this->renamed[$importId][$old] = $new;
        }
    }

    private function rows(string $table): Builder
    {
        return DB::table($table)->where('tree_id', $this->current->id());
    }
}
