<?php

declare(strict_types=1);

namespace App\Trees\Kinds;

use App\Models\SourceKind as OwnKind;
use App\Trees\Scope\CurrentTree;
use NorthBough\Core\Citation\SourceKind;
use NorthBough\Core\Citation\SourceKinds;
use NorthBough\Core\Tree\CitationForms;

/** The kinds of source of the current tree: those that ship, and its own. */
final class TreeSourceKinds
{
    public const OF_RECORD = 'cite:';

    /** @var CustomKinds<SourceKind> */
    private readonly CustomKinds $own;

    public function __construct(CurrentTree $current)
    {
        $this->own = new CustomKinds($current, static fn (): array => OwnKind::query()->orderBy('position')->orderBy('name')->get()
            ->mapWithKeys(static fn (OwnKind $row): array => [$row->id => SourceKind::fromArray($row->id, $row->template)])->all());
    }

    /** The kind that a source is of; null where nobody said one. */
    public function of(string $code, ?string $ownId): ?SourceKind
    {
        return $ownId === null ? SourceKinds::all()[$code] ?? null : $this->own->all()[$ownId] ?? null;
    }

    public function named(string $code): ?SourceKind
    {
        return SourceKinds::all()[$code] ?? $this->own->all()[$code] ?? null;
    }

    /** @return list<SourceKind> its own first */
    public function all(): array
    {
        return [...array_values($this->own->all()), ...array_values(SourceKinds::all())];
    }

    /**
     * What the fields of a record say of where it stands in its source; they are kept with its head, apart from the
     * fields of its own kind.
     *
     * @param  array<string, string>  $fields  of a record's head
     * @return array<string, string> by field of the kind of source
     */
    public static function ofRecord(array $fields): array
    {
        $values = [];
        foreach ($fields as $code => $value) {
            if (str_starts_with($code, self::OF_RECORD)) {
                $values[substr($code, strlen(self::OF_RECORD))] = $value;
            }
        }

        return $values;
    }

    /**
     * The forms of a source; null where it has no kind.
     *
     * @param  array<string, string>  $values  by field
     */
    public function forms(string $code, ?string $ownId, array $values, string $repository): ?CitationForms
    {
        $kind = $this->of($code, $ownId);
        if ($kind === null) {
            return null;
        }
        foreach ($kind->fields as $field) {
            // A repository that was renamed is renamed in every note.
            if ($field->tag === 'REPO') {
                $values[$field->code] = $repository;
            }
        }

        return new CitationForms($kind->full, $kind->short, $kind->bibliography, $values);
    }

    /**
     * Where a kind is kept on a source.
     *
     * @return array{kind: string, source_kind_id: string|null}
     */
    public static function columns(?SourceKind $kind): array
    {
        $isShipped = $kind !== null && isset(SourceKinds::all()[$kind->code]);

        return ['kind' => $isShipped ? $kind->code : '', 'source_kind_id' => $kind === null || $isShipped ? null : $kind->code];
    }

    /** After one of them was made or changed. */
    public function forget(): void
    {
        $this->own->forget();
    }
}
