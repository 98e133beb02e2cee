<?php

declare(strict_types=1);

namespace App\Trees\Joins\Things;

use App\Models\Claim;
use App\Models\Record;
use App\Models\Source;
use App\Models\TreeModel;
use App\Trees\Dating\SourceDates;
use NorthBough\Core\Naming\SearchForm;

final class JoinableSource extends Joinable
{
    public function __construct(private readonly SourceDates $dates)
    {
    }

    public static function code(): string
    {
        return 'source';
    }

    public static function model(): string
    {
        return Source::class;
    }

    public static function keptColumn(): string
    {
        return 'kept_source_id';
    }

    public static function alikeBy(): string
    {
        return 'search';
    }

    public static function columns(): array
    {
        return ['Title' => 'title', 'Author' => 'author', 'Publication' => 'publication', 'Abbreviation' => 'abbreviation',
            'Words' => 'text', 'Call number' => 'call_number', 'Name in lists' => 'list_name', 'Kind' => 'kind'];
    }

    public function told(TreeModel $row): array
    {
        $told = parent::told($row);
        foreach ($row instanceof Source ? $row->fields : [] as $code => $words) {
            $words === '' || $told[ucfirst(str_replace(['-', '_'], ' ', $code))] = $words;
        }

        return $told;
    }

    public function weighs(TreeModel $row): array
    {
        return ['citation' => Claim::query()->whereIn('record_id', Record::query()->where('source_id', $row->id)->select('id'))->count()];
    }

    public function complete(TreeModel $kept, TreeModel $gone): void
    {
        if (! $kept instanceof Source || ! $gone instanceof Source) {
            throw new \LogicException('A source is joined to a source.');
        }
        // The fields of a kind are told with their kind: what stays keeps its own, and takes the other's where it has none.
        $hasKind = $kept->kind !== '' || $kept->source_kind_id !== null;
        parent::complete($kept, $gone);
        $kept->source_kind_id ??= $hasKind ? null : $gone->source_kind_id;
        $kept->fields = array_filter($kept->fields, static fn (string $words): bool => $words !== '') + $gone->fields;
        $kept->repository_id ??= $gone->repository_id;
        $kept->reckoning ??= $gone->reckoning;
        $kept->search = SearchForm::of(implode(' ', [$kept->title, $kept->author, $kept->publication, $kept->abbreviation,
            $kept->call_number, ...array_values($kept->fields), $kept->list_name]));
    }

    public function readAgain(TreeModel $kept): void
    {
        if ($kept instanceof Source && $kept->reckoning !== null) {
            $this->dates->readAgainFrom($kept);
        }
    }
}
