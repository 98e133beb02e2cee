<?php

declare(strict_types=1);

namespace App\Trees\Loading;

use App\Trees\Claims\ClassifiedClaims;
use App\Trees\Kinds\TreeSourceKinds;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Claim\ClassifiedClaim;
use NorthBough\Core\Tree\CitationForms;
use NorthBough\Core\Tree\CitedEvidence;
use NorthBough\Core\Tree\CitedSource;
use NorthBough\Core\Tree\Event;
use stdClass;

/** What is cited for events, with its classes and the forms of its sources, in one query. */
final readonly class CitedEvidenceLoader
{
    /** What a claim's classes follow from, of its record. */
    private const OF_RECORD = ['records.source_class', 'records.kind as record_kind', 'records.record_kind_id', 'records.date_typed',
        'records.date_kind', 'records.date_precision', 'records.date_normal', 'records.date_shown',
        'records.date_calendar', 'records.date_problem', 'records.date_begin_lo', 'records.date_begin_hi', 'records.date_begin_soft_lo',
        'records.date_begin_soft_hi', 'records.date_end_lo', 'records.date_end_hi',
        'records.date_end_soft_lo', 'records.date_end_soft_hi', 'records.other_begin_lo', 'records.other_begin_hi'];

    public function __construct(private CurrentTree $current)
    {
    }

    /**
     * @param  array<string, GenDate>  $dates  by event
     * @param  array<string, string>  $kinds  by event
     * @return array<string, list<CitedEvidence>>
     */
    public function of(array $dates, array $kinds): array
    {
        if ($dates === []) {
            return [];
        }
        $rows = DB::table('claims')->where('claims.tree_id', $this->current->id())
            ->join('records', static fn ($join) => $join->on('records.tree_id', 'claims.tree_id')->on('records.id', 'claims.record_id'))
            ->join('sources', static fn ($join) => $join->on('sources.tree_id', 'records.tree_id')->on('sources.id', 'records.source_id'))
            ->leftJoin('repositories', static fn ($join) => $join->on('repositories.tree_id', 'sources.tree_id')
                ->on('repositories.id', 'sources.repository_id'))
            ->whereIn('claims.event_id', array_keys($dates))
            ->orderBy('claims.ordinal')->orderBy('claims.id')
            ->get(['claims.id', 'claims.event_id', 'claims.record_id', 'claims.words', 'claims.taken_over', 'claims.information',
                'claims.informant', 'claims.origin', 'claims.weight_said', 'claims.weight_why',
                'claims.withdrawn', 'claims.aspect', 'claims.said', 'claims.evidence', 'claims.leans_on_id', 'claims.informant_tie',
                'records.locator', ...self::OF_RECORD, 'sources.id as source_id', 'sources.title', 'sources.author', 'sources.publication',
                'sources.kind', 'sources.source_kind_id', 'sources.fields', 'records.fields as record_fields',
                'repositories.name as repository']);
        $evidence = [];
        $classes = app(ClassifiedClaims::class);
        foreach ($rows as $row) {
            $source = new CitedSource($row->source_id, $row->title, $row->author, $row->publication, $row->repository ?? '',
                self::forms($row));
            $evidence[$row->event_id][] = new CitedEvidence($row->id, $row->record_id, $source, $row->locator, $row->words,
                $row->taken_over,
                self::classed($classes, $row, $dates[$row->event_id], $kinds[$row->event_id]));
        }

        return $evidence;
    }

    private static function classed(ClassifiedClaims $classes, stdClass $row, GenDate $date, string $kind): ClassifiedClaim
    {
        $columns = (array) $row;
        $record = ['kind' => $row->record_kind] + $columns;
        $locator = (string) (json_decode($row->said, true, flags: JSON_THROW_ON_ERROR)['date'] ?? '');

        return $classes->one($columns, $record, $columns, ClassifiedClaims::statedDateAt($locator, $date),
            $row->aspect !== '' ? $row->aspect : $kind);
    }

    /** What the record says of where it stands goes into the forms with what the source says. */
    private static function forms(stdClass $row): ?CitationForms
    {
        if ($row->kind === '' && $row->source_kind_id === null) {
            return null;
        }
        $read = static fn (string $fields): array => json_decode($fields, true, flags: JSON_THROW_ON_ERROR);
        $fields = TreeSourceKinds::ofRecord($read($row->record_fields)) + $read($row->fields);

        return app(TreeSourceKinds::class)->forms($row->kind, $row->source_kind_id, $fields, $row->repository ?? '');
    }
}
