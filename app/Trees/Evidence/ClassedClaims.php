<?php

declare(strict_types=1);

namespace App\Trees\Evidence;

use App\Models\Claim;
use App\Models\Event;
use App\Models\Record;
use App\Models\Source;
use App\Trees\Records\KindsOfRecord;
use App\Trees\Records\KindsOfSource;
use Illuminate\Support\Collection;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Evidence\ClassedClaim;
use NorthBough\Core\Evidence\Information;
use NorthBough\Core\Evidence\Nearness;
use NorthBough\Core\Evidence\Proposed;
use NorthBough\Core\Evidence\SourceClass;
use NorthBough\Core\Evidence\Weight;

/** Claims as they are stored, with their classes: as somebody said them, else as they are first proposed. */
final readonly class ClassedClaims
{
    public function __construct(private KindsOfRecord $kinds, private KindsOfSource $sourceKinds)
    {
    }

    /**
     * @param  Collection<int, Claim>  $claims
     * @param  Collection<string, Record>  $records  by id
     * @param  Collection<string, Source>  $sources  by id
     * @param  array<string, Event>  $facts  by id
     * @return array<string, ClassedClaim> by claim
     */
    public function of(Collection $claims, Collection $records, Collection $sources, array $facts): array
    {
        $classed = [];
        foreach ($claims as $claim) {
            $record = $records[$claim->record_id] ?? throw new \LogicException('A claim has no record.');
            $source = $sources[$record->source_id] ?? throw new \LogicException('A record has no source.');
            $fact = $facts[$claim->event_id ?? ''] ?? null;
            $kind = $record->kind === '' && $record->record_kind_id === null ? null : $this->kinds->of($record);
            $said = Information::from($claim->information);
            $classed[$claim->id] = new ClassedClaim(
                $claim->id, $claim->record_id,
                Proposed::source(SourceClass::from($record->source_class), $this->sourceKinds->of($source->kind, $source->source_kind_id)),
                $said !== Information::Unstated ? $said : Proposed::information($kind, $claim->aspect !== '' ? $claim->aspect : (string) $fact?->kind),
                $fact !== null && Nearness::of($record->date, self::told($claim, $fact)),
                informant: $claim->informant, isRead: ! $claim->taken_over, saidOrigin: $claim->origin,
                saidWeight: $claim->weight_said === '' ? null : Weight::from($claim->weight_said), why: $claim->weight_why,
            );
        }

        return $classed;
    }

    /** What a claim itself tells of when: its own words where it has any, else the fact that it is cited for. */
    public static function told(Claim $claim, Event $fact): GenDate
    {
        $said = $claim->said['date'] ?? '';

        return $said === '' || $said === $fact->date->typed ? $fact->date : GenDate::parse($said);
    }
}
