<?php

declare(strict_types=1);

namespace App\Trees\Kinds;

use App\Models\Record;
use App\Models\RecordKind as OwnKind;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Str;
use NorthBough\Core\Record\RecordKind;
use NorthBough\Core\Record\RecordKinds;

/** The kinds of record of the current tree: those that ship, and its own. */
final class TreeRecordKinds
{
    /** @var CustomKinds<RecordKind> */
    private readonly CustomKinds $own;

    public function __construct(CurrentTree $current)
    {
        $this->own = new CustomKinds($current, static fn (): array => OwnKind::query()->orderBy('position')->orderBy('name')->get()
            ->mapWithKeys(static fn (OwnKind $row): array => [$row->id => RecordKind::fromArray($row->id, $row->template)])->all());
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
            $ownId !== null => $this->own->all()[$ownId] ?? null,
            $code === '' => null,
            default => RecordKinds::named($code),
        };
    }

    /** @return list<RecordKind> its own first */
    public function all(): array
    {
        return [...array_values($this->own->all()), ...array_values(RecordKinds::all())];
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
            : ['kind' => '', 'record_kind_id' => OwnKind::query()->where('id', Str::isUuid($code) ? $code : null)->firstOrFail()->id];
    }

    /** After one of them was made or changed. */
    public function forget(): void
    {
        $this->own->forget();
    }
}
