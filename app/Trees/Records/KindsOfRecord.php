<?php

declare(strict_types=1);

namespace App\Trees\Records;

use App\Models\Record;
use App\Models\RecordKind as OwnKind;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\RecordKinds;

/** The kinds of record of the current tree: those that ship, and its own. */
final readonly class KindsOfRecord
{
    public function of(Record $record): RecordKind
    {
        $own = $record->record_kind_id === null ? null : OwnKind::query()->where('id', $record->record_kind_id)->first();

        return $own === null ? RecordKinds::named($record->kind) : RecordKind::fromArray($own->id, $own->template);
    }

    /**
     * The kind by where it is kept; null where nobody said one.
     *
     * @param  string|null  $ownId  of a kind of the tree's own
     */
    public function named(string $code, ?string $ownId): ?RecordKind
    {
        if ($ownId === null) {
            return $code === '' ? null : RecordKinds::named($code);
        }
        $own = OwnKind::query()->where('id', $ownId)->first();

        return $own === null ? null : RecordKind::fromArray($own->id, $own->template);
    }

    /** @return list<RecordKind> its own first */
    public function all(): array
    {
        $own = OwnKind::query()->orderBy('position')->orderBy('name')->get()
            ->map(static fn (OwnKind $kind): RecordKind => RecordKind::fromArray($kind->id, $kind->template))->all();

        return [...array_values($own), ...array_values(RecordKinds::all())];
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
}
