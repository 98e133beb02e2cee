<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage;

use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\Presence;
use NorthBough\Core\Record\RoleRelation;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Sex;

/**
 * How well the day of a record fits the life of somebody, for what the line says of them on that day: whether they were
 * born and alive, of an age to wed or to bear a child, and whether the tree has the same birth, baptism or death.
 * Who was certainly dead or unborn is never meant.
 */
final class LifespanComparison
{
    private const YEAR = 365.25;

    /** The tree has the very day of the page. */
    private const SAME_DAY = 5.5;

    /** The same of a birth, beside what an age that fits counts for. */
    private const BORN_THAT_DAY = 3.2;

    /** The tree has a time into which the day falls, a year as a rule. */
    private const SAME_YEAR = 2.8;

    private const MISSES = -3.0;

    private const MISSES_FAR = -14.0;

    /** Days by which a burial may follow a death, or a clerk may be out, without a word. */
    private const NEAR_DAYS = 45;

    /** Days by which a clerk or a memory may be a year out. */
    private const A_YEAR_OUT = 430;

    /** A child begotten may be born so many days after the father died. */
    private const BEGOTTEN = 300;

    /** Weights by the age at a wedding, in years, from the age named on. */
    private const WED_AT = [0 => -8.0, 15 => -1.5, 18 => 1.2, 36 => 0.0, 51 => -1.5, 71 => -4.0, 90 => -8.0];

    private const MOTHER_AT = [0 => -8.0, 15 => -0.8, 18 => 1.0, 46 => -0.8, 51 => -8.0];

    private const FATHER_AT = [0 => -8.0, 15 => -1.2, 20 => 0.9, 51 => -0.6, 66 => -3.0, 80 => -8.0];

    private const PARENT_OF_GROWN_AT = [0 => -8.0, 32 => -0.6, 38 => 0.4, 80 => -0.3, 100 => -1.5, 130 => -8.0];

    private const GROWN_AT = [0 => -8.0, 12 => -1.5, 16 => 0.2, 90 => -3.0];

    public function __construct(private readonly Roll $roll)
    {
    }

    public function of(RollLine $line, Candidate $candidate): MatchWeight
    {
        $presence = Presence::of($this->roll, $line);
        $day = $this->roll->date->span();
        if ($day === null) {
            return new MatchWeight(0.0, []);
        }
        if ($this->isImpossible($presence, $line, $day, $candidate)) {
            return new MatchWeight(MatchWeight::NEVER, ["{$candidate->shown} did not live on {$this->roll->date->shown}."]);
        }
        $grown = $this->grown($line, $candidate);
        $life = $this->onTheDay($presence, $line, $day, $candidate);

        return new MatchWeight($life->logOdds + $grown->logOdds, [...$life->grounds, ...$grown->grounds]);
    }

    private function onTheDay(Presence $presence, RollLine $line, DaySpan $day, Candidate $candidate): MatchWeight
    {
        $age = $this->age($day, $candidate);
        $child = $this->bornOfChild($line);
        if ($child !== null && in_array($presence, [Presence::Named, Presence::ParentOfGrown, Presence::There], true)) {
            $isMother = $this->roll->sex($line) === Sex::Female;

            return self::aged($this->age($child, $candidate), $isMother ? self::MOTHER_AT : self::FATHER_AT,
                $isMother ? 'to bear a child' : 'to have a child');
        }

        if ($presence === Presence::Named && $this->roll->tie($line) === RoleRelation::Partner) {
            return $this->besidePartner($line, $candidate);
        }

        return match ($presence) {
            Presence::Born => $this->born($line, $day, $candidate),
            Presence::Dead => $this->dead($line, $day, $candidate),
            Presence::Wed => self::aged($age, self::WED_AT, 'to wed'),
            Presence::Mother => self::aged($age, self::MOTHER_AT, 'to bear a child'),
            Presence::Father => self::aged($age, self::FATHER_AT, 'to have a child'),
            Presence::ParentOfGrown => self::aged($age, self::PARENT_OF_GROWN_AT, 'to have a grown child'),
            Presence::There => $this->roll->kind->eventIsOfAll ? new MatchWeight(0.0, []) : self::aged($age, self::GROWN_AT, 'to sign'),
            Presence::Named => new MatchWeight(0.0, []),
        };
    }

    private function isImpossible(Presence $presence, RollLine $line, DaySpan $day, Candidate $candidate): bool
    {
        $bornFrom = $candidate->isBornBySign ? null : $candidate->birth?->earliest;
        if ($bornFrom !== null && $day->latest !== null && $bornFrom > $day->latest) {
            return true;
        }
        if ($day->earliest === null || $candidate->death?->latest === null) {
            return false;
        }
        $isDeadSince = $day->earliest - $candidate->death->latest;

        return match ($presence) {
            Presence::There, Presence::Wed => $isDeadSince > 0,
            // A child is baptised weeks after its birth as a rule, and years after it at times.
            Presence::Born => $isDeadSince > 0,
            Presence::Mother => ($this->birthOfPrincipal($line) ?? $day->earliest - 366) > $candidate->death->latest,
            Presence::Father => ($this->birthOfPrincipal($line) ?? $day->earliest - 366) - self::BEGOTTEN > $candidate->death->latest,
            Presence::Dead, Presence::ParentOfGrown, Presence::Named => false,
        };
    }

    /** When the one was born whose father or mother the line is told to be; null where that is not told. */
    private function bornOfChild(RollLine $line): ?DaySpan
    {
        $child = $this->roll->tie($line) === RoleRelation::Parent ? $this->roll->principalOf($line) : null;

        return $child === null ? null : $this->roll->born($child);
    }

    /** Partners are of an age, more or less. */
    private function besidePartner(RollLine $line, Candidate $candidate): MatchWeight
    {
        $principal = $this->roll->principalOf($line);
        $stated = $principal === null ? null : $this->roll->born($principal);
        $apart = $stated === null ? null : $this->age($stated, $candidate);

        return match (true) {
            $apart === null => new MatchWeight(0.0, []),
            abs($apart) <= 12 => new MatchWeight(0.6, []),
            abs($apart) <= 20 => new MatchWeight(-0.6, []),
            abs($apart) <= 30 => new MatchWeight(-3.0,
                [round(abs($apart)).' years '.($apart > 0 ? 'older' : 'younger').' than the partner.']),
            default => new MatchWeight(-8.0, [round(abs($apart)).' years '.($apart > 0 ? 'older' : 'younger').' than the partner.']),
        };
    }

    /** Partners and parents were grown: who died as a child is none. */
    private function grown(RollLine $line, Candidate $candidate): MatchWeight
    {
        if (! in_array($this->roll->tie($line),
            [RoleRelation::Partner, RoleRelation::Parent, RoleRelation::Grandparent, RoleRelation::ParentInLaw], true)
                || $candidate->death?->latest === null || $candidate->birth?->earliest === null) {
            return new MatchWeight(0.0, []);
        }

        return $candidate->death->latest - $candidate->birth->earliest < 15 * self::YEAR
            ? new MatchWeight(self::MISSES_FAR, ['Died as a child.']) : new MatchWeight(0.0, []);
    }

    /** The first day on which the child of the page can have been born, where the page tells it. */
    private function birthOfPrincipal(RollLine $line): ?int
    {
        $child = $this->roll->principalOf($line);

        return $child === null ? null : $this->roll->born($child)?->earliest;
    }

    private function born(RollLine $line, DaySpan $day, Candidate $candidate): MatchWeight
    {
        $stated = $this->roll->written($line, ColumnMeaning::BirthDate) === '' ? null : $this->roll->born($line);
        if ($stated !== null && $candidate->birth !== null && ! $candidate->isBornBySign && self::isDay($stated)
            && self::isDay($candidate->birth)) {
            return $stated->earliest === $candidate->birth->earliest ? new MatchWeight(self::BORN_THAT_DAY, ['Born on that very day.'])
                : new MatchWeight(self::MISSES, []);
        }
        if ($stated?->earliest !== null && $stated->latest !== null && $candidate->birth?->earliest !== null
            && $candidate->birth->latest !== null && ! $candidate->isBornBySign) {
            // A birth that is written down weeks after it is not years out.
            $out = max(0, $stated->earliest - $candidate->birth->latest, $candidate->birth->earliest - $stated->latest) / self::YEAR;
            if ($out > 0.1) {
                return new MatchWeight(max(-10.0, -2.0 - 2.5 * $out), []);
            }
        }
        if ($candidate->baptism !== null && self::isDay($candidate->baptism) && self::isDay($day)) {
            return $candidate->baptism->earliest === $day->earliest ? new MatchWeight(self::SAME_DAY, ['Baptised on that very day.'])
                : new MatchWeight(self::MISSES, ['Baptised on another day.']);
        }
        if ($stated !== null || $this->roll->written($line, ColumnMeaning::Age) !== '' || $candidate->birth?->latest === null
            || $candidate->birth->earliest === null || $day->earliest === null) {
            return new MatchWeight(0.0, []);
        }
        // Nothing is told of the birth: it lies in the weeks or months before, as a rule.
        $years = max(0.0, ($day->earliest - $candidate->birth->latest) / self::YEAR);

        return new MatchWeight($years < 1.1 ? self::SAME_YEAR + 0.6 : max(-7.0, 1.2 - 1.4 * $years),
            $years < 1.1 ? ['Born in the year before.'] : ['Born '.round($years).' years before.']);
    }

    private function dead(RollLine $line, DaySpan $day, Candidate $candidate): MatchWeight
    {
        $written = $this->roll->written($line, ColumnMeaning::DeathDate);
        $died = $written === '' ? null : $this->roll->day($written)->span();
        if ($candidate->seen !== null && ($died ?? $day)->latest !== null && $candidate->seen > ($died ?? $day)->latest + self::NEAR_DAYS) {
            return new MatchWeight(self::MISSES_FAR, ['Was alive later.']);
        }
        $known = $candidate->death;
        if ($known?->earliest === null || $known->latest === null || $day->earliest === null || $day->latest === null) {
            return new MatchWeight(-0.2, []);
        }
        $stated = $died?->earliest !== null && $died->latest !== null ? $died : DaySpan::between($day->earliest - 14, $day->latest);
        $gap = max(0, $stated->earliest - $known->latest, $known->earliest - $stated->latest);

        return match (true) {
            $gap <= 3 && self::isDay($known) => new MatchWeight(self::SAME_DAY, ['The tree has that very death.']),
            $gap <= self::NEAR_DAYS => new MatchWeight(self::isDay($known) ? 1.5 : self::SAME_YEAR, ['The death fits.']),
            $gap <= self::A_YEAR_OUT => new MatchWeight(self::MISSES, ['The tree has a death a year off.']),
            default => new MatchWeight(self::MISSES_FAR, ['The tree has another death.']),
        };
    }

    /** In years, by the middle of what the tree has of the birth; null where it has nothing. */
    private function age(DaySpan $day, Candidate $candidate): ?float
    {
        $at = $day->earliest ?? $day->latest;
        $from = $candidate->birth->earliest ?? $candidate->birth->latest ?? null;
        $to = $candidate->birth->latest ?? $from;

        return $at === null || $from === null || $to === null ? null : ($at - ($from + $to) / 2) / self::YEAR;
    }

    /** @param  non-empty-array<int, float>  $weights  by the age from which each holds */
    private static function aged(?float $age, array $weights, string $says): MatchWeight
    {
        if ($age === null) {
            return new MatchWeight(0.0, []);
        }
        $weight = 0.0;
        foreach ($weights as $from => $holds) {
            $weight = $age >= $from - 0.5 ? $holds : $weight;
        }
        $years = (int) round($age);

        return new MatchWeight($weight, $weight >= 0.0 ? [] : ["Aged about {$years}: rather ".($years < 30 ? 'young' : 'old')." {$says}."]);
    }

    private static function isDay(DaySpan $span): bool
    {
        return $span->earliest !== null && $span->latest !== null && $span->latest - $span->earliest < 2;
    }
}
