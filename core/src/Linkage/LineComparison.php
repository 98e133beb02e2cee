<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage;

use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Compare\BirthsFromAges;
use NorthBough\Core\Compare\Comparison;
use NorthBough\Core\Compare\PersonalNames;
use NorthBough\Core\Compare\Places;
use NorthBough\Core\Compare\Sexes;
use NorthBough\Core\Compare\Verdict;
use NorthBough\Core\Naming\NameVariants;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Record\ColumnMeaning;
use NorthBough\Core\Record\Presence;
use NorthBough\Core\Record\RoleRelation;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;
use NorthBough\Core\Sex;

/** How alike a line of a roll and somebody of the tree are by themselves: name, sex, age, birthplace, alive that day. */
final class LineComparison
{
    /** Weights by the level that Compare gives, the nearest level not above it counting. */
    private const GIVEN = ['1.0' => 3.0, '0.9' => 2.4, '0.85' => 2.0, '0.8' => 1.6, '0.7' => 0.8, '0.6' => 0.6, '0.5' => 0.0, '0.3' => -3.0,
        '0.0' => -12.0];

    private const SURNAME = ['1.0' => 2.4, '0.8' => 1.8, '0.6' => 1.2, '0.5' => 0.0, '0.3' => -1.5, '0.0' => -4.0];

    /** What a surname says at least where a wife bears that of her husband. */
    private const AS_WIFE = -0.3;

    private const PERHAPS_AS_WIFE = -2.6;

    private const BIRTHPLACE = ['1.0' => 1.4, '0.8' => 1.1, '0.0' => -0.8];

    private const AGE_FITS = 2.6;

    /** What each year that an age is off takes away: told ages err by a few years often, and by more seldom. */
    private const A_YEAR_OFF = 0.45;

    private const OFTEN_OFF = 3.0;

    private const A_YEAR_MORE = 1.2;

    /** Days of a span of birth that is told by months, weeks or a day. */
    private const NARROW = 100;

    /** How many times as much a year off counts there. */
    private const NARROW_COUNTS = 4;

    private const TOO_FAR = -30.0;

    private const SEX_CONTRADICTS = -9.0;

    /** @var array<string, Comparison> */
    private array $compared = [];

    /** @var array<string, DaySpan|null> by line */
    private array $births = [];

    private readonly LifespanComparison $lives;

    public function __construct(private readonly Roll $roll, private readonly NameVariants $variants)
    {
        $this->lives = new LifespanComparison($roll);
    }

    public function of(RollLine $line, Candidate $candidate): MatchWeight
    {
        $life = $this->lives->of($line, $candidate);
        if ($life->logOdds <= MatchWeight::NEVER) {
            return $life;
        }
        [$score, $ground] = $this->bestName($line, $candidate);
        $score += $life->logOdds;
        $grounds = [$ground, ...$life->grounds];
        $sexes = Sexes::compare($this->roll->sex($line), $candidate->sex);
        if ($sexes->verdict === Verdict::Contradicts) {
            $score += self::SEX_CONTRADICTS;
            $grounds[] = $sexes->ground;
        }
        $stated = $this->births[$line->id] ??= $this->roll->born($line);
        if ($stated !== null && $candidate->birth !== null) {
            [$weight, $ground] = self::age($stated, $candidate);
            $score += $weight;
            $grounds[] = $ground;
        }
        $place = $this->roll->written($line, ColumnMeaning::BirthPlace);
        if ($place !== '' && $candidate->birthPlace !== '') {
            $places = $this->compared["p|{$place}|{$candidate->birthPlace}"] ??= Places::compare($place, $candidate->birthPlace);
            $score += self::weight(self::BIRTHPLACE, $places->level);
            $grounds[] = $places->verdict === Verdict::Incomparable
                ? "Born at {$candidate->birthPlace}, says the tree; the page says {$place}." : "Born at {$place}.";
        }

        return new MatchWeight($score, $grounds);
    }

    /** @return array{float, string} */
    private static function age(DaySpan $daySpan, Candidate $candidate): array
    {
        $known = $candidate->birth ?? DaySpan::between(null, null);
        // A christening bounds a birth, which lies up to a year before it as a rule.
        $known = $candidate->isBornBySign && $known->earliest !== null ? DaySpan::between($known->earliest - 366, $known->latest) : $known;
        $ages = BirthsFromAges::compare($daySpan, $known);
        // Months of a small child, and days that are written down, are not years out.
        $isNarrow = $daySpan->earliest !== null && $daySpan->latest !== null && $daySpan->latest - $daySpan->earliest < self::NARROW;
        $off = (1 - $ages->level) * BirthsFromAges::FAR * ($isNarrow ? self::NARROW_COUNTS : 1);
        $weight = self::AGE_FITS - self::A_YEAR_OFF * min(self::OFTEN_OFF, $off) - self::A_YEAR_MORE * max(0.0, $off - self::OFTEN_OFF);

        return [$ages->verdict === Verdict::Contradicts ? self::TOO_FAR : $weight, $ages->ground];
    }

    /** @return array{float, string} the best of all readings of the name */
    private function bestName(RollLine $line, Candidate $candidate): array
    {
        $best = [-INF, ''];
        foreach ($this->roll->names($line) as $name) {
            $likeness = $this->name($name, $candidate, $this->leastOfSurname($line, $name));
            $best = $likeness[0] > $best[0] ? $likeness : $best;
        }

        return $best;
    }

    /** @return array{float, string} the best of all names that the candidate has */
    private function name(PersonalName $written, Candidate $candidate, float $leastOfSurname): array
    {
        $best = [-10.0, 'No name is known.'];
        foreach ($candidate->names as $name) {
            $given = $this->part('g', $written->given, $name->given);
            if ($name->nickname !== '') {
                $nick = $this->part('g', $written->given, $name->nickname);
                $given = $nick->level > $given->level ? $nick : $given;
            }
            $surname = $this->part('s', $written->surname, $name->surname);
            $bySurname = self::weight(self::SURNAME, $surname->level);
            $score = self::weight(self::GIVEN, $given->level) + max($leastOfSurname, $bySurname);
            if ($score > $best[0]) {
                $best = [$score, implode(' ', array_unique([$given->ground, $surname->ground]))];
            }
        }

        return $best;
    }

    /**
     * What a surname says at least. A woman stands under the surname of the man whose wife she is told to be, or of their
     * child, and a grown woman who died may stand under that of a husband whom the page does not name: what she was born
     * as is not told.
     */
    private function leastOfSurname(RollLine $line, PersonalName $name): float
    {
        if ($this->roll->sex($line) === Sex::Male) {
            return -INF;
        }
        $tie = $this->roll->tie($line);
        $of = match ($tie) {
            RoleRelation::Partner, RoleRelation::Parent => $this->roll->principalOf($line),
            RoleRelation::Principal => $this->roll->firstTied($line, RoleRelation::Partner),
            default => null,
        };
        if ($of !== null) {
            return $this->part('s', $name->surname, $this->roll->name($of)->surname)->level >= 0.8 ? self::AS_WIFE : -INF;
        }
        $born = $this->roll->born($line)?->latest;

        return Presence::of($this->roll, $line) === Presence::Dead
            && ($born === null || ($this->roll->date->span()->earliest ?? $born) - $born > 18 * 365) ? self::PERHAPS_AS_WIFE : -INF;
    }

    private function part(string $which, string $word, string $otherWord): Comparison
    {
        return $this->compared["{$which}|{$word}|{$otherWord}"] ??= $which === 'g'
            ? PersonalNames::compare(PersonalName::of($word, ''), PersonalName::of($otherWord, ''), $this->variants)
            : PersonalNames::compare(PersonalName::of('', $word), PersonalName::of('', $otherWord), $this->variants);
    }

    /** @param  array<string, float>  $weights  the highest level first */
    private static function weight(array $weights, float $level): float
    {
        foreach ($weights as $from => $weight) {
            if ($level >= (float) $from - 0.001) {
                return $weight;
            }
        }

        return 0.0;
    }
}
