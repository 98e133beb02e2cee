<?php

declare(strict_types=1);

namespace App\Trees\Claims;

use App\Models\Casts\DateColumns;
use App\Models\Claim;
use App\Models\Event;
use App\Models\Record;
use App\Models\Source;
use App\Trees\Kinds\TreeRecordKinds;
use App\Trees\Kinds\TreeSourceKinds;
use Illuminate\Support\Collection;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Citation\ProposedClassification;
use NorthBough\Core\Claim\ClassifiedClaim;
use NorthBough\Core\Claim\Directness;
use NorthBough\Core\Claim\Information;
use NorthBough\Core\Claim\SourceClass;
use NorthBough\Core\Claim\WeightGrade;
use NorthBough\Core\Evidence\Contemporaneity;

/** Claims as they are stored, with their classes: as somebody said them, else as they are first proposed. */
final readonly class ClassifiedClaims
{
    public function __construct(private TreeRecordKinds $kinds, private TreeSourceKinds $sourceKinds)
    {
    }

    /**
     * What claims stand in.
     *
     * @param  Collection<int, Claim>  $claims
     * @return array{Collection<string, Record>, Collection<string, Source>} by id
     */
    public static function standIn(Collection $claims): array
    {
        $records = Record::query()->whereIn('id', $claims->pluck('record_id')->unique())->get()->keyBy('id');

        return [$records, Source::query()->whereIn('id', $records->pluck('source_id')->unique())->get()->keyBy('id')];
    }

    /**
     * @param  Collection<int, Claim>  $claims
     * @param  Collection<string, Record>  $records  by id
     * @param  Collection<string, Source>  $sources  by id
     * @param  array<string, Event>  $facts  by id
     * @return array<string, ClassifiedClaim> by claim
     */
    public function of(Collection $claims, Collection $records, Collection $sources, array $facts): array
    {
        $classed = [];
        foreach ($claims as $claim) {
            $record = $records[$claim->record_id] ?? throw new \LogicException('A claim has no record.');
            $source = $sources[$record->source_id] ?? throw new \LogicException('A record has no source.');
            $fact = $facts[$claim->event_id ?? ''] ?? null;
            $classed[$claim->id] = $this->one($claim->getAttributes(), $record->getAttributes(), $source->getAttributes(),
                $fact === null ? null : self::statedDate($claim, $fact), $claim->aspect !== '' ? $claim->aspect : (string) $fact?->kind);
        }

        return $classed;
    }

    /**
     * @param  array<string, mixed>  $claim  columns of a claim
     * @param  array<string, mixed>  $record  those of its record: class, kind and date
     * @param  array<string, mixed>  $source  those of its source: kind
     * @param  GenDate|null  $genDate  when what it tells happened; null where it is no event
     */
    public function one(array $claim, array $record, array $source, ?GenDate $genDate, string $aspect): ClassifiedClaim
    {
        $value = Information::from($claim['information']);

        return new ClassifiedClaim(
            $claim['id'], $claim['record_id'],
            ProposedClassification::source(SourceClass::from($record['source_class']),
                $this->sourceKinds->of($source['kind'], $source['source_kind_id'])),
            $value !== Information::Unstated ? $value
                : ProposedClassification::information($this->kinds->named($record['kind'], $record['record_kind_id']), $aspect),
            $genDate !== null && Contemporaneity::of(DateColumns::restore($record), $genDate),
            informant: $claim['informant'], isRead: ! $claim['taken_over'], derivedFrom: $claim['leans_on_id'] ?? '',
            saidOrigin: $claim['origin'],
            saidWeight: $claim['weight_said'] === '' ? null : WeightGrade::from($claim['weight_said']), why: $claim['weight_why'],
            withdrawn: $claim['withdrawn'],
            directness: ProposedClassification::directness(Directness::from($claim['evidence'])), informantTie: $claim['informant_tie'],
        );
    }

    /** What a claim itself tells of when: its own words where it has any, else the fact that it is cited for. */
    public static function statedDate(Claim $claim, Event $fact): GenDate
    {
        return self::statedDateAt($claim->said['date'] ?? '', $fact->date);
    }

    /** @param  string  $value  the claim's own words; empty where it has none */
    public static function statedDateAt(string $value, GenDate $fact): GenDate
    {
        return $value === '' || $value === $fact->typed ? $fact : GenDate::parse($value);
    }
}
