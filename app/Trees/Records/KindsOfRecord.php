<?php

declare(strict_types=1);

namespace App\Trees\Records;

use App\Models\Record;
use App\Models\RecordKind as OwnKind;
use App\Models\Tree;
use App\Trees\CurrentTree;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\RecordKinds;

/** The kinds of record of the current tree: those that ship, and its own. */
final class KindsOfRecord
{
    /** @var array<string, RecordKind>|null the tree's own, by id; null until one is asked for */
    private ?array $own = null;

    private ?Tree $ofTree = null;

    public function __construct(private readonly CurrentTree $current)
    {
    }

    public function of(Record $record): RecordKind
    {
        return $this->named($record->kind, $record->record_kind_id) ?? RecordKinds::named($record->kind);
    }

    /**
     * The kind by where it is kept; null where nobody said one.
     *
     * @param  string|null  $ownId  of a kind of the tree's own
     */
    public function named(string $code, ?string $ownId): ?RecordKind
    {
        return match (true) {
            $ownId !== null => $this->own()[$ownId] ?? null,
            $code === '' => null,
            default => RecordKinds::named($code),
        };
    }

    /** @return list<RecordKind> its own first */
    public function all(): array
    {
        return [...array_values($this->own()), ...array_values(RecordKinds::all())];
    }

    /**
     * Where a kind is kept on a record.
     *
     * @return array{kind: string, record_kind_id: string|null}
     */
    public static function columns(string $code): array
    {
        return isset(RecordKinds::all()[$code])
            ? ['kind' => $code, 'record_kind_id' => null]
            : ['kind' => '', 'record_kind_id' => OwnKind::query()->where('id', $code)->firstOrFail()->id];
    }

    /** After one of them was made or changed. */
    public function forget(): void
    {
        $this->own = null;
    }

    /** @return array<string, RecordKind> by id */
    private function own(): array
    {
        // What was fetched counts for one entering of the tree: for one request, or one piece of work.
        if ($this->own === null || $this->ofTree !== $this->current->get()) {
            $this->ofTree = $this->current->get();
            $this->own = [];
            foreach (OwnKind::query()->orderBy('position')->orderBy('name')->get() as $row) {
                $this->own[$row->id] = RecordKind::fromArray($row->id, $row->template);
            }
        }

        return $this->own;
    }
}
