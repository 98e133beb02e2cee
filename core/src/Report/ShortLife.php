<?php

declare(strict_types=1);

namespace NorthBough\Core\Report;

use Closure;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Narrative\DateWords;
use NorthBough\Core\Narrative\LifeKin;
use NorthBough\Core\Narrative\PlaceWords;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Union;

/** A life in one line: born when and where, married whom, died. */
final readonly class ShortLife
{
    /** @param  Closure(Event): list<StyledWords>  $marks  of the notes that an event calls for */
    public function __construct(private LifeKin $kin, private PlaceWords $places, private Closure $marks)
    {
    }

    /** @return list<StyledWords> the name first */
    public function of(Person $person): array
    {
        $parts = array_values(array_filter([
            $this->event($person->vitals()->beginning()),
            ...array_map(fn (Union $union): array => $this->union($union, $person->id), $this->kin->unionsOf($person->id)),
            $this->event($person->vitals()->end()),
        ], static fn (array $part): bool => $part[0] !== []));
        $words = [StyledWords::person($person->name()->shown(), $person->id), StyledWords::plain($parts === [] ? '.' : ', ')];
        foreach ($parts as $at => [$part, $marks]) {
            // Signs of the sentence stand before the mark of a note.
            array_push($words, ...$part, ...[StyledWords::plain($at === count($parts) - 1 ? '.' : ';')], ...$marks,
                ...$at === count($parts) - 1 ? [] : [StyledWords::plain(' ')]);
        }

        return $words;
    }

    /** @return array{list<StyledWords>, list<StyledWords>} words, and the marks after them */
    private function event(?Event $event): array
    {
        return $event === null ? [[], []]
            : [[StyledWords::plain($event->participle()), ...$this->whenAndWhere($event)], ($this->marks)($event)];
    }

    /** @return array{list<StyledWords>, list<StyledWords>} words, and the marks after them */
    private function union(Union $union, string $personId): array
    {
        $marriage = $union->marriage();
        $words = $marriage !== null ? [StyledWords::plain('married')] : [StyledWords::plain('partner')];
        foreach ($this->kin->partners($union, $personId) as $at => $partner) {
            array_push($words, StyledWords::plain($at === 0 ? ($marriage !== null ? ' ' : ' of ') : ' and '),
                StyledWords::person($partner->name()->shown(), $partner->id));
        }
        if (count($words) === 1 && $marriage === null) {
            return [[], []];
        }

        return $marriage === null ? [$words, []] : [[...$words, ...$this->whenAndWhere($marriage)], ($this->marks)($marriage)];
    }

    /** @return list<StyledWords> */
    private function whenAndWhere(Event $event): array
    {
        $when = DateWords::of($event->date);
        $where = $this->places->where($event->place, $event->placeId ?? '');

        return [...$when === '' ? [] : [StyledWords::plain(" {$when}")], ...$where === [] ? [] : [StyledWords::plain(' '), ...$where]];
    }
}
