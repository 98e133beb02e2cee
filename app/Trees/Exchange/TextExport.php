<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Gedcom\Row\TextRow;
use NorthBough\Core\Prose\CitationCall;
use NorthBough\Core\Prose\FactCall;
use NorthBough\Core\Prose\PersonCall;
use NorthBough\Core\Prose\ProseReader;
use NorthBough\Core\Prose\ProseText;
use NorthBough\Core\Tree\Restriction;
use stdClass;

/** Texts as they are written to a file, with what it takes to tell whom and what they call. */
final readonly class TextExport
{
    public function __construct(private CurrentTree $current)
    {
    }

    /** @return iterable<TextRow> in the order in which they were begun */
    public function all(): iterable
    {
        foreach ($this->rows('texts')->orderBy('id')->cursor() as $row) {
            yield $this->text($row);
        }
    }

    /** @return list<string> ids of facts and claims that texts call */
    public function pointedAt(): array
    {
        $ids = [];
        foreach ($this->all() as $text) {
            array_push($ids, ...array_column(self::prose($text->body)->parts(FactCall::class), 'factId'),
                ...array_filter(array_map(static fn (array $record): string => $record[2], array_values($text->records))));
        }

        return array_values(array_unique($ids));
    }

    private function text(stdClass $row): TextRow
    {
        $prose = self::prose($row->body);
        $facts = $prose->parts(FactCall::class);
        $named = [...array_column($prose->parts(PersonCall::class), 'personId'), ...array_column($facts, 'ownerId'),
            ...array_filter(array_column($facts, 'ofId')), ...array_filter([$row->person_id, $row->union_id])];
        $withheld = $this->rows('events')->whereIn('id', array_column($facts, 'factId'))->where('restriction', '<>', '')
            ->pluck('restriction', 'id')->filter(static fn (string $words): bool => Restriction::fromStandard($words)->withholds());

        return new TextRow($row->id, $row->title, (string) $row->person_id, (string) $row->union_id, (string) $row->place_id, $row->body,
            (string) $this->rows('places')->where('id', $row->place_id)->value('name'), $this->whose(array_values(array_unique($named))),
            array_values(array_map(strval(...), $withheld->keys()->all())),
            $this->records(array_values(array_unique(array_column($prose->parts(CitationCall::class), 'recordId')))));
    }

    /**
     * @param  list<string>  $ids  of people and couples
     * @return array<string, list<string>>
     */
    private function whose(array $ids): array
    {
        $whose = [];
        foreach ($this->rows('people')->whereIn('id', $ids)->pluck('id') as $id) {
            $whose[(string) $id] = [(string) $id];
        }
        foreach ($this->rows('union_partners')->whereIn('union_id', $ids)->orderBy('id')->get(['union_id', 'person_id']) as $partner) {
            $whose[$partner->union_id][] = $partner->person_id;
        }

        return $whose;
    }

    /**
     * @param  list<string>  $ids
     * @return array<string, array{string, string, string}>
     */
    private function records(array $ids): array
    {
        $records = [];
        $claims = $this->rows('claims')->whereIn('record_id', $ids)->whereNotNull('event_id')->groupBy('record_id')
            ->selectRaw('record_id, min(id::text) AS id')->pluck('id', 'record_id');
        foreach ($this->rows('records')->whereIn('id', $ids)->get(['id', 'source_id', 'locator']) as $record) {
            $records[$record->id] = [$record->source_id, $record->locator, (string) ($claims[$record->id] ?? '')];
        }

        return $records;
    }

    private static function prose(string $body): ProseText
    {
        return ProseReader::read((array) json_decode($body, true, flags: JSON_THROW_ON_ERROR));
    }

    private function rows(string $table): Builder
    {
        return DB::table($table)->where("{$table}.tree_id", $this->current->id());
    }
}
