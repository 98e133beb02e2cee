<?php

declare(strict_types=1);

namespace App\Http\Questions;

use App\Http\People\FactResources;
use App\Http\Pictures\ImagesBeside;
use App\Http\Pictures\Resources\ClaimImageStrip;
use App\Http\Questions\Resources\SaidOfClaim;
use App\Http\Questions\Resources\WeighingRow;
use App\Http\Records\Resources\StyledText;
use App\Models\Claim;
use App\Models\Event;
use App\Models\Record;
use App\Models\Source;
use App\Trees\Claims\ClassifiedClaims;
use App\Trees\Kinds\TreeSourceKinds;
use Illuminate\Support\Collection;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Citation\NoteForms;
use NorthBough\Core\Claim\ClassifiedClaim;
use NorthBough\Core\Evidence\OriginGroups;
use NorthBough\Core\Evidence\WeightRule;
use NorthBough\Core\Tree\CitedSource;

/** Claims with their classes, their weight and its working. */
final readonly class WeighingRows
{
    public function __construct(private ClassifiedClaims $classes, private ImagesBeside $pictures, private TreeSourceKinds $sourceKinds)
    {
    }

    /**
     * @param  array<string, Event>  $facts
     * @param  Collection<int, Claim>  $claims
     * @return list<array{WeighingRow, GenDate}> those of one origin together, the first to be cited before the others; last, the facts
     *     for which nothing is cited
     */
    public function among(array $facts, Collection $claims): array
    {
        $inHand = array_flip(array_keys($facts));
        $claims = $claims->whereIn('event_id', array_keys($facts))
            ->sortBy(static fn (Claim $claim): int => $inHand[$claim->event_id ?? ''] ?? 0)->values();
        $rows = $this->of($claims, $facts);
        foreach ($facts as $fact) {
            if ($claims->where('event_id', $fact->id)->isEmpty()) {
                $rows[] = [self::bare($fact), $fact->date];
            }
        }

        return $rows;
    }

    /**
     * @param  Collection<int, Claim>  $claims  of facts, names, people or ties alike
     * @param  array<string, Event>  $facts  by id, those that claims among them are cited for
     * @return list<array{WeighingRow, GenDate}> those of one origin together; what is no fact tells no day
     */
    public function of(Collection $claims, array $facts): array
    {
        [$records, $sources] = ClassifiedClaims::standIn($claims);
        $strips = [];
        foreach ($this->pictures->stripsOfClaims(array_values(array_map(strval(...), $claims->pluck('id')->all()))) as $strip) {
            $strips[$strip->claimId] = $strip;
        }
        $rows = [];
        $byId = $claims->keyBy('id');
        foreach (OriginGroups::among(array_values($this->classes->of($claims, $records, $sources, $facts))) as $origin => $group) {
            foreach ($group as $member) {
                $claim = $byId[$member->id] ?? throw new \LogicException('A claim is gone.');
                $record = $records[$claim->record_id] ?? throw new \LogicException('A claim has no record.');
                $source = $sources[$record->source_id] ?? throw new \LogicException('A record has no source.');
                $fact = $facts[$claim->event_id ?? ''] ?? null;
                $stated = $fact === null ? GenDate::phrase('') : ClassifiedClaims::statedDate($claim, $fact);
                $rows[] = [$this->row($claim, $member, $fact, $stated, $this->note($record, $source), $origin, $strips[$claim->id] ?? null),
                    $stated];
            }
        }

        return $rows;
    }

    /** @param  list<StyledText>  $note  the short note of its source */
    private function row(
        Claim $claim,
        ClassifiedClaim $classed,
        ?Event $fact,
        GenDate $genDate,
        array $note,
        int $origin,
        ?ClaimImageStrip $strip,
    ): WeighingRow {
        $weighed = WeightRule::of($classed);

        return new WeighingRow($claim->id, $claim->version, $fact->id ?? '', $fact->standing ?? '', $origin, $claim->words, $note,
            $claim->record_id,
            $classed->source->value, $classed->information->value, $claim->reading, $weighed->weight->value, $weighed->working,
            $genDate->shown, $fact->place_typed ?? '', ...self::days($genDate->span()), slip: $strip,
            evidence: $classed->directness->value, said: SaidOfClaim::of($claim), derivedFromId: $claim->leans_on_id ?? '',
            saidWeight: $claim->weight_said, saidWhy: $claim->weight_why);
    }

    /** @return list<StyledText> */
    private function note(Record $record, Source $source): array
    {
        $fields = TreeSourceKinds::ofRecord($record->fields) + $source->fields;
        $forms = $this->sourceKinds->forms($source->kind, $source->source_kind_id, $fields, '');
        $cited = new CitedSource($source->id, $source->title, $source->author, $source->publication, '', $forms);

        return FactResources::words(NoteForms::short($cited, $record->locator));
    }

    /** A value for which nothing is cited. */
    private static function bare(Event $fact): WeighingRow
    {
        return new WeighingRow('', 0, $fact->id, $fact->standing, -1, '', [], '', 'unstated', 'unstated', 'sure', '',
            ['Nothing is cited for it.'], $fact->date->shown, $fact->place_typed, ...self::days($fact->date->span()), slip: null);
    }

    /** @return array{int, int, int, int} first day, first and last day that the words fix, last day; 0 is open */
    private static function days(?DaySpan $span): array
    {
        return [$span->earliest ?? 0, $span?->earliest === null ? 0 : $span->earliest + $span->softBefore,
            $span?->latest === null ? 0 : $span->latest - $span->softAfter, $span->latest ?? 0];
    }
}
