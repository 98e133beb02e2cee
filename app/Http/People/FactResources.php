<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\Interpretation\Resources\DateResource;
use App\Http\People\Resources\CitationResource;
use App\Http\People\Resources\FactResource;
use App\Http\Records\Resources\StyledText;
use NorthBough\Core\Chrono\Age;
use NorthBough\Core\Chrono\DateExplanation;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\IsoDay;
use NorthBough\Core\Citation\NoteForms;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Compare\Verdict;
use NorthBough\Core\Evidence\Conflict\ContestedValues;
use NorthBough\Core\Evidence\WeightRule;
use NorthBough\Core\Tree\CitedEvidence;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\Union;

/** The facts of one life for its page. */
final readonly class FactResources
{
    /** @var array<string, Union> by event */
    private array $unionOf;

    /** @var array<string, Verdict> by event */
    private array $contested;

    /**
     * @param  list<Union>  $unions
     * @param  array<string, Person>  $people
     */
    public function __construct(
        private Person $person,
        array $unions,
        private array $people,
        private FactsBeside $beside,
    ) {
        $this->contested = ContestedValues::among($person->events);
        $unionOf = [];
        foreach ($unions as $union) {
            foreach ($union->events as $event) {
                $unionOf[$event->id] = $union;
            }
        }
        $this->unionOf = $unionOf;
    }

    public function resource(Event $event): FactResource
    {
        $union = $this->unionOf[$event->id] ?? null;
        $with = $union === null ? []
            : array_map(fn (string $id): string => $this->people[$id]->name()->shown(), $union->partnersOf($this->person->id));

        return new FactResource(
            id: $event->id,
            unionId: $union?->id,
            version: $this->beside->versions[$event->id] ?? 1,
            kind: $event->kind,
            word: $event->word(),
            typeWords: $event->typeWords,
            value: $event->value,
            date: self::date($event->date),
            place: $event->place,
            placeId: $event->placeId,
            denied: $event->denied,
            age: $this->age($event),
            with: implode(' and ', $with),
            rivals: $this->rivals($event),
            standing: $event->standing->value,
            restriction: $event->restriction,
            notches: Notches::of($event),
            reasoned: isset($this->beside->reasoned[$event->id]),
            disagrees: isset($this->contested[$event->id]),
            citations: array_map($this->citation(...), $event->evidence),
            roles: $this->beside->roles[$event->id] ?? [],
            notes: $this->beside->notes[$event->id] ?? [],
            kept: $this->beside->kept[$event->id] ?? [],
        );
    }

    public static function date(GenDate $date): DateResource
    {
        $span = $date->span();

        return new DateResource($date->typed, $date->kind->value, $date->shown, IsoDay::orNull($span?->earliest),
            IsoDay::orNull($span?->latest), $date->precision->value, $date->isAmbiguous(), $date->problem, DateExplanation::line($date));
    }

    /**
     * @param  list<StyledWords>  $words
     * @return list<StyledText>
     */
    public static function words(array $words): array
    {
        return array_map(static fn (StyledWords $part): StyledText => new StyledText($part->text, $part->style), $words);
    }

    private function age(Event $event): string
    {
        $birth = $this->person->vitals()->birth()?->date->span();
        $then = $event->date->span();
        if ($birth === null || $then === null || $event->kind === 'birth' || $event->denied) {
            return '';
        }

        return Age::at($birth, $then)?->shown() ?? '';
    }

    private function rivals(Event $event): int
    {
        if (! $event->isSingle() || $event->denied || $event->standing === Standing::RuledOut) {
            return 0;
        }
        $others = array_filter($this->person->events,
            static fn (Event $otherEvent): bool => $otherEvent->isOfKindOf($event) && $otherEvent->id !== $event->id
                && ! $otherEvent->denied
                && $otherEvent->standing !== Standing::RuledOut);

        return count($others);
    }

    private function citation(CitedEvidence $claim): CitationResource
    {
        return new CitationResource(
            $claim->claimId, $claim->recordId, $claim->source->id, self::words(NoteForms::full($claim->source, $claim->locator)),
            $claim->locator, $claim->words, $claim->isTakenOver, $claim->classed === null ? '' : WeightRule::of($claim->classed)
                ->weight->value, $claim->withdrawn(), $claim->classed?->saidWeight !== null,
        );
    }
}
