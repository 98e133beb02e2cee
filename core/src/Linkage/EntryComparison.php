<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage;

use NorthBough\Core\Compare\Dates;
use NorthBough\Core\Compare\PersonalNames;
use NorthBough\Core\Compare\Sexes;
use NorthBough\Core\Compare\Verdict;
use NorthBough\Core\Entry\OneLineEntry;
use NorthBough\Core\Naming\NameVariants;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Name;
use NorthBough\Core\Tree\Person;

/**
 * How likely somebody of the tree is the one who is being typed as a relative of another: by name, days, sex and the ages
 * that the tie asks for.
 */
final readonly class EntryComparison
{
    /** What speaks for somebody who is not in the tree yet, as a logarithm of odds. */
    private const NOBODY = 3.0;

    private const YEAR = 365.25;

    /** Years by which a father, a mother, a child, a partner or a sibling is older than the other, from and to. */
    private const OLDER = ['father' => [15, 80], 'mother' => [13, 52], 'parent' => [13, 80], 'child' => [-80, -13], 'partner' => [-35, 35],
        'sibling' => [-35, 35]];

    private function __construct(private OneLineEntry $entry, private string $relation, private ?Person $of, private NameVariants $variants)
    {
    }

    /**
     * @param  string  $relation  father, mother, parent, partner, child or sibling; empty where it is nobody's
     * @param  list<Person>  $people
     * @return list<MatchOffer> the likeliest first; those who cannot be are left out
     */
    public static function rank(OneLineEntry $entry, string $relation, ?Person $of, array $people, NameVariants $variants): array
    {
        if ($entry->name->isEmpty()) {
            return [];
        }
        $likeness = new self($entry, $relation, $of, $variants);
        $all = array_map($likeness->of(...), $people);
        $sum = exp(self::NOBODY) + array_sum(array_map(static fn (MatchWeight $matchWeight): float => exp($matchWeight->logOdds), $all));
        $offers = array_map(
            static fn (Person $person, MatchWeight $matchWeight): MatchOffer => new MatchOffer($person->id,
                exp($matchWeight->logOdds) / $sum, $matchWeight->grounds), $people, $all);
        usort($offers, static fn (MatchOffer $a, MatchOffer $b): int => $b->odds <=> $a->odds);

        return array_values(array_filter($offers, static fn (MatchOffer $offer): bool => $offer->odds > 0.0001));
    }

    private function of(Person $person): MatchWeight
    {
        $sum = $this->name($person);
        $grounds = [];
        foreach (['birth' => $person->vitals()->birth(), 'death' => $person->vitals()->end()] as $kind => $known) {
            $typed = $this->entry->events[$kind]->date ?? null;
            $days = $typed === null || $known === null ? null : Dates::compare($typed, $known->date);
            $sum += match ($days?->verdict) {
                Verdict::Same => 4.0,
                Verdict::Fits => 2.5,
                Verdict::Strains => -1.5,
                Verdict::Contradicts => -6.0,
                default => 0.0,
            };
            $grounds[] = $days === null || $days->verdict === Verdict::Incomparable ? ''
                : "{$known?->word()} ".($days->verdict === Verdict::Contradicts ? 'differs' : 'agrees').'.';
        }
        $sum += Sexes::compare($this->sex(), $person->sex)->verdict === Verdict::Contradicts ? -6.0 : 0.0;
        [$byAge, $ground] = $this->age($person);

        return new MatchWeight($sum + $byAge, array_values(array_filter([...$grounds, $ground])));
    }

    private function name(Person $person): float
    {
        $typed = $this->entry->name;
        $best = -6.0;
        foreach (array_filter($person->names, static fn (Name $name): bool => $name->counts()) as $name) {
            $best = max($best, $this->part(PersonalName::of($typed->given, ''), PersonalName::of($name->name->given, ''))
                + $this->part(PersonalName::of('', $typed->surname), PersonalName::of('', $name->name->surname)));
        }

        return $best;
    }

    /** What is not typed yet, or not known, speaks for nobody and against nobody. */
    private function part(PersonalName $typed, PersonalName $known): float
    {
        return $typed->isEmpty() || $known->isEmpty() ? 0.0 : match (PersonalNames::compare($typed, $known, $this->variants)->verdict) {
            Verdict::Same => 2.2,
            Verdict::Fits => 1.4,
            Verdict::Strains => 0.2,
            Verdict::Contradicts, Verdict::Incomparable => -3.0,
        };
    }

    private function sex(): Sex
    {
        return match (true) {
            $this->entry->sex !== Sex::Unknown => $this->entry->sex,
            $this->relation === 'father' => Sex::Male,
            $this->relation === 'mother' => Sex::Female,
            default => Sex::Unknown,
        };
    }

    /** @return array{float, string} */
    private function age(Person $person): array
    {
        $bounds = self::OLDER[$this->relation] ?? null;
        $mine = $this->of === null ? null : self::born($this->of);
        $theirs = self::born($person);
        if ($bounds === null || $mine === null || $theirs === null) {
            return [0.0, ''];
        }
        $older = ($mine - $theirs) / self::YEAR;

        return $older >= $bounds[0] && $older <= $bounds[1] ? [0.8, ''] : [-8.0, 'Too '.($older < $bounds[0] ? 'young' : 'old').' for it.'];
    }

    private static function born(Person $person): ?float
    {
        $span = $person->vitals()->beginning()?->date->span();

        return $span?->earliest === null || $span->latest === null ? null : ($span->earliest + $span->latest) / 2;
    }
}
