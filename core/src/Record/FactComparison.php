<?php

declare(strict_types=1);

namespace NorthBough\Core\Record;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Compare\Dates;
use NorthBough\Core\Compare\Places;
use NorthBough\Core\Compare\Verdict;
use NorthBough\Core\Naming\SearchForm;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\EventKinds;
use NorthBough\Core\Tree\Standing;

/** A fact that a record asserts, compared with the facts of the same kind that are there. */
final class FactComparison
{
    /** Years by which a told age may miss a birth and still be called an error of telling. */
    private const AGE_CANNOT_ERR = 15.0;

    /**
     * @param  list<Event>  $events  of the person or the couple
     * @param  \Closure(string): string  $whyRuledOut  told the id of a fact
     */
    public static function standing(Assertion $assertion, array $events, \Closure $whyRuledOut): AssertionCheck
    {
        $isSingle = EventKinds::named($assertion->kind)->single || $assertion->kind === 'marriage';
        $death = Event::leadingOf($events, 'death');
        if (! $isSingle && self::isAfter($assertion, $death)) {
            return AssertionCheck::there($assertion, Agreement::Contradicts,
                "The tree has the death on {$death?->date->shown}, before that day.");
        }
        $there = array_values(
            array_filter($events, static fn (Event $event): bool => $event->kind === $assertion->kind && ! $event->denied));
        [$there, $ruledOut] = [
            array_values(array_filter($there, static fn (Event $event): bool => $event->standing !== Standing::RuledOut)),
            array_values(array_filter($there, static fn (Event $event): bool => $event->standing === Standing::RuledOut)),
        ];
        $check = $isSingle ? self::single($assertion, $there) : self::many($assertion, $there);
        $again = in_array($check->state, [Agreement::New, Agreement::Contradicts], true)
            ? self::repeated($assertion, $ruledOut, $isSingle) : null;
        if ($again === null) {
            return $check;
        }
        $why = $whyRuledOut($again->id);
        $leading = Event::leadingOf($there, $assertion->kind);

        return AssertionCheck::repeating($assertion,
            ($leading === null || ! $isSingle ? 'It repeats' : "It contradicts what is accepted, {$leading->date->shown}, and repeats")
            .' what was ruled out'.($why === '' ? '.' : ' because: '.rtrim($why, '.').'.'), $again->id);
    }

    /** @param  list<Event>  $there */
    private static function many(Assertion $assertion, array $there): AssertionCheck
    {
        foreach ($there as $event) {
            if (self::isTheSame($assertion, $event)) {
                return AssertionCheck::there($assertion, Agreement::Agrees, 'It is there already.', $event->id);
            }
        }

        return AssertionCheck::new($assertion);
    }

    /** @param  list<Event>  $ruledOut */
    private static function repeated(Assertion $assertion, array $ruledOut, bool $isSingle): ?Event
    {
        foreach ($ruledOut as $event) {
            if ($isSingle ? in_array(Dates::compare($assertion->date, $event->date)->verdict, [Verdict::Same, Verdict::Fits], true)
                : self::isTheSame($assertion, $event)) {
                return $event;
            }
        }

        return null;
    }

    /** @param  list<Event>  $there */
    private static function single(Assertion $assertion, array $there): AssertionCheck
    {
        $leading = Event::leadingOf($there, $assertion->kind);
        if ($leading === null) {
            return AssertionCheck::new($assertion);
        }
        $days = Dates::compare($assertion->date, $leading->date);
        $hasNoDay = $leading->date->isEmpty() && $assertion->date->readings !== [];
        $hasNoPlace = $leading->place === '' && $assertion->place !== ''
            && in_array($days->verdict, [Verdict::Same, Verdict::Fits, Verdict::Incomparable], true);
        if ($hasNoDay || $hasNoPlace) {
            return AssertionCheck::new($assertion, 'It is there without '.($hasNoDay ? 'a day.' : 'a place.'), $leading->id);
        }
        if ($days->verdict === Verdict::Contradicts) {
            // A rival that is there may say the same already.
            foreach ($there as $event) {
                if ($event->id !== $leading->id
                    && in_array(Dates::compare($assertion->date, $event->date)->verdict, [Verdict::Same, Verdict::Fits], true)) {
                    return AssertionCheck::there($assertion, Agreement::Agrees,
                        "It agrees with the {$event->standing->value} {$event->date->shown}.", $event->id);
                }
            }

            return AssertionCheck::there($assertion, Agreement::Contradicts, $days->ground, $leading->id);
        }
        $apart = $assertion->isSum && $assertion->kind === 'birth' ? self::yearsApart($assertion->date, $leading->date) : 0.0;
        if ($apart > self::AGE_CANNOT_ERR) {
            return AssertionCheck::there($assertion, Agreement::Contradicts,
                'The age misses '.$leading->date->shown.' by '.round($apart).' years: no telling errs so far.', $leading->id);
        }
        $places = Places::compare($assertion->place, $leading->place);
        $isElsewhere = $assertion->place !== '' && $leading->place !== '' && $places->verdict === Verdict::Incomparable;

        return match (true) {
            $days->verdict === Verdict::Strains => AssertionCheck::there($assertion, Agreement::Strains, $days->ground, $leading->id),
            $isElsewhere => AssertionCheck::there($assertion, Agreement::Strains, $places->ground, $leading->id),
            $days->verdict === Verdict::Incomparable => AssertionCheck::there($assertion, Agreement::Agrees, 'It is there already.',
                $leading->id),
            default => AssertionCheck::there($assertion, Agreement::Agrees, $days->ground, $leading->id),
        };
    }

    /** By how many years two dates miss each other, our allowances left out; 0 where they meet or one is open. */
    private static function yearsApart(GenDate $genDate, GenDate $otherDate): float
    {
        [$mine, $theirs] = [$genDate->span(), $otherDate->span()];
        if ($mine?->earliest === null || $mine->latest === null || $theirs?->earliest === null || $theirs->latest === null) {
            return 0.0;
        }

        return max(0, $mine->earliest + $mine->softBefore - ($theirs->latest - $theirs->softAfter),
            $theirs->earliest + $theirs->softBefore - ($mine->latest - $mine->softAfter)) / 365.25;
    }

    private static function isTheSame(Assertion $assertion, Event $event): bool
    {
        if (SearchForm::of($assertion->value) !== SearchForm::of($event->value)) {
            return false;
        }
        $days = Dates::compare($assertion->date, $event->date)->verdict;
        $isSameTime = in_array($days, [Verdict::Same, Verdict::Fits], true)
            || ($days === Verdict::Incomparable && $assertion->value !== '');
        $places = Places::compare($assertion->place, $event->place);

        return $isSameTime && ($assertion->place === '' || $event->place === '' || $places->verdict !== Verdict::Incomparable);
    }

    /** Present, in a trade or at a place, on a day after a death that the words fix. */
    private static function isAfter(Assertion $assertion, ?Event $death): bool
    {
        $died = $death?->date->span();
        $day = $assertion->date->span();

        return $died?->latest !== null && $day?->earliest !== null && $died->latest + $died->softAfter < $day->earliest;
    }
}
