<?php

declare(strict_types=1);

namespace NorthBough\Core\Narrative;

use Closure;
use NorthBough\Core\Chrono\Age;
use NorthBough\Core\Citation\SentenceCase;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\EventKinds;
use NorthBough\Core\Tree\EventTrait;
use NorthBough\Core\Tree\Person;

/** Tells events as sentences. Somebody is named once and has a pronoun then, and a place is named in full once. */
final class Teller
{
    /** Words after a place that are looked at. */
    private const NEAR = 6;

    /** Of what says nothing where neither day nor place is known. */
    private const NOTHING_ALONE = ['birth', 'residence', 'census', 'education', 'property'];

    public function __construct(public readonly PlaceWords $places = new PlaceWords)
    {
    }

    /**
     * What an event says, without the capital and the full stop of a sentence.
     *
     * @param  list<StyledWords>  $he  whom the sentence is about: a name, or a pronoun
     * @param  list<StyledWords>  $partner  of a couple's event; none where nobody is known
     * @return list<StyledWords> none where there is nothing to say
     */
    public function clause(Event $event, Person $person, array $he, array $partner = []): array
    {
        if (! $event->denied && in_array($event->kind, self::NOTHING_ALONE, true)
            && $event->date->isEmpty() && trim($event->place.$event->value) === '') {
            return [];
        }
        $pronoun = self::pronoun($person);
        $value = trim($event->value);
        $plain = static fn (string $words): Closure => static fn (): array => $words === '' ? [] : [StyledWords::plain($words)];

        return SentencePattern::parse(self::patternOf($event))->set([
            'he' => static fn (): array => $he,
            'him' => $plain($pronoun->object),
            'his' => $plain($pronoun->possessive),
            'partner' => static fn (): array => $partner,
            'when' => $plain(DateWords::of($event->date)),
            'where' => fn (): array => $this->places->where($event->place, $event->placeId ?? ''),
            'place' => fn (): array => $this->places->name($event->place, $event->placeId ?? ''),
            'value' => $plain($value),
            'trade' => $plain(Trade::words($value)),
            'kind' => $plain(mb_strtolower($event->word())),
            'age' => $plain(self::age($event, $person)),
        ]);
    }

    /**
     * What an event adds to one of its kind that was just told: the day, and the place where that is another.
     *
     * @return list<StyledWords>
     */
    public function again(Event $event, Event $before): array
    {
        $when = [StyledWords::plain(DateWords::of($event->date))];

        return $event->place === $before->place ? $when
            : [...$this->places->where($event->place, $event->placeId ?? ''), StyledWords::plain(' '), ...$when];
    }

    /**
     * @param  list<StyledWords>  $words
     * @return list<StyledWords> with a capital and a full stop
     */
    public static function sentence(array $words): array
    {
        if ($words === []) {
            return [];
        }
        $words = self::closed($words);
        $words[0] = $words[0]->saying(SentenceCase::begun($words[0]->text));
        $last = StyledWords::textOf([$words[count($words) - 1]]);

        return preg_match('/[.?!]”?$/u', $last) === 1 ? $words : [...$words, StyledWords::plain('.')];
    }

    /**
     * A place of several names is closed by a comma where the sentence goes on.
     *
     * @param  list<StyledWords>  $words
     * @return list<StyledWords>
     */
    public static function closed(array $words): array
    {
        $closed = [];
        foreach ($words as $at => $part) {
            $closed[] = $part;
            if ($part->style === 'place' && str_contains($part->text, ',')
                && preg_match('/^ ?[\p{L}“(]/u', StyledWords::textOf(array_slice($words, $at + 1, self::NEAR))) === 1) {
                $closed[] = StyledWords::plain(',');
            }
        }

        return $closed;
    }

    public static function pronoun(Person $person): Pronoun
    {
        return Pronoun::of($person->sex, self::given($person));
    }

    /** By what somebody is called in a text of their own. */
    public static function given(Person $person): string
    {
        $given = trim($person->name()->given);

        return $given === '' ? $person->name()->shown() : explode(' ', $given)[0];
    }

    /**
     * @param  list<list<StyledWords>>  $names
     * @return list<StyledWords> A, B and C
     */
    public static function list(array $names): array
    {
        $words = [];
        foreach ($names as $at => $name) {
            $between = $at === 0 ? '' : ($at === count($names) - 1 ? ' and ' : ', ');
            array_push($words, ...$between === '' ? [] : [StyledWords::plain($between)], ...$name);
        }

        return $words;
    }

    public static function name(Person $person): StyledWords
    {
        return StyledWords::person($person->name()->shown(), $person->id);
    }

    private static function patternOf(Event $event): string
    {
        $kind = EventKinds::named($event->kind);
        if ($event->denied) {
            return match (true) {
                $event->kind === 'marriage' => '{he} never married[ {partner}]',
                $kind->participle !== '' && ! $event->is(EventTrait::Birth)
                    && ! $event->is(EventTrait::Death) => "{he} was never {$kind->participle}",
                default => 'as far as is known there was {kind}',
            };
        }

        return $event->custom->sentence !== '' ? $event->custom->sentence : $kind->sentence;
    }

    /** @return string 62; about 62 where the days leave two years and more open; nothing where they tell no age */
    private static function age(Event $event, Person $person): string
    {
        $birth = $person->vitals()->birth()?->date->span();
        $then = $event->date->span();
        $age = $birth === null || $then === null ? null : Age::at($birth, $then);

        return match (true) {
            $age === null => '',
            $age->least === $age->most => (string) $age->least,
            $age->most - $age->least === 1 => "{$age->least} or {$age->most}",
            $age->most - $age->least <= 10 => 'about '.intdiv($age->least + $age->most + 1, 2),
            default => '',
        };
    }
}
