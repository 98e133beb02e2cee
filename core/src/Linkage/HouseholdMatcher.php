<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage;

use NorthBough\Core\Naming\NameVariants;
use NorthBough\Core\Record\RoleRelation;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;

/**
 * Lines up all lines of a record with people of the tree at once. What speaks for a line being somebody is a sum of
 * logarithms of odds: how alike they are by themselves, and how well they fit together with the other lines. One
 * person stands on one line, but whoever signs, informs or witnesses may stand on another too.
 *
 * The ties make the sum quadratic, so the best assignment under the ties so far is found again until nothing moves,
 * from several beginnings: each likely head, and nobody.
 */
final class HouseholdMatcher
{
    /** Candidates that are less like a line than this are not looked at for it. */
    private const LEAST = -3.5;

    /** Odds of being nobody below which the likeliest is proposed. */
    private const RATHER_SOMEBODY = 0.5;

    private const BEGINNINGS = 8;

    private const ROUNDS = 6;

    private const MOST_OFFERS = 5;

    /** @var list<RollLine> that take part, each with a person of its own */
    private array $lines = [];

    /** @var list<RollLine> whose person may stand on another line too */
    private array $repeating = [];

    /** @var list<string> */
    private array $people = [];

    /** @var array<string, array<string, MatchWeight>> by line and person */
    private array $alike = [];

    /** @var array<string, float> */
    private array $tied = [];

    private readonly TieComparison $ties;

    /**
     * @param  array<string, string>  $pinned  what somebody said already: person by line, empty for nobody of the tree
     * @param  list<string>  $aside  lines that are set aside and take no part
     */
    private function __construct(
        private readonly Roll $roll,
        private readonly Candidates $candidates,
        NameVariants $variants,
        private readonly array $pinned,
        array $aside,
    ) {
        $this->ties = new TieComparison($roll, new CandidateTies($candidates), $candidates);
        $likeness = new LineComparison($roll, $variants);
        foreach ($roll->lines as $line) {
            if (in_array($line->id, $aside, true) || ($line->name === '' && ! isset($pinned[$line->id]))) {
                continue;
            }
            ($roll->role($line)->mayRepeat ?? false) ? $this->repeating[] = $line : $this->lines[] = $line;
            foreach ($candidates->all as $id => $candidate) {
                $alike = $likeness->of($line, $candidate);
                if ($alike->logOdds >= self::LEAST || ($pinned[$line->id] ?? null) === $id) {
                    $this->alike[$line->id][$id] = $alike;
                }
            }
        }
        $this->people = array_values(
            array_map(strval(...), array_unique(array_merge([], ...array_map(array_keys(...), array_values($this->alike))))));
    }

    /**
     * @param  array<string, string>  $pinned
     * @param  list<string>  $aside
     */
    public static function of(
        Roll $roll,
        Candidates $candidates,
        ?NameVariants $variants = null,
        array $pinned = [],
        array $aside = [],
    ): HouseholdMatch {
        return (new self($roll, $candidates, $variants ?? NameVariants::usual(), $pinned, $aside))->match();
    }

    private function match(): HouseholdMatch
    {
        $best = [];
        $most = -INF;
        foreach ($this->beginnings() as $beginning) {
            [$placed, $sum] = $this->settle($beginning);
            if ($sum > $most) {
                [$best, $most] = [$placed, $sum];
            }
        }
        $offers = [];
        $new = [];
        foreach ($this->lines as $line) {
            [$offers[$line->id], $new[$line->id]] = $this->offers($line, $best,
                array_diff_key(array_flip($best), [$best[$line->id] ?? '' => 0]));
        }
        foreach ($this->lines as $line) {
            // Several who are as like as one another are each less likely than nobody, and one of them is likelier.
            $first = $offers[$line->id][0] ?? null;
            if ($first !== null && ! isset($best[$line->id]) && ! isset($this->pinned[$line->id]) && $new[$line->id] < self::RATHER_SOMEBODY
                && ! in_array($first->personId, $best, true)) {
                $best[$line->id] = $first->personId;
            }
        }
        foreach ($this->repeating as $line) {
            [$offers[$line->id], $new[$line->id]] = $this->offers($line, $best, []);
            $first = $offers[$line->id][0] ?? null;
            $chosen = $this->pinned[$line->id] ?? ($first !== null && $first->odds > $new[$line->id] ? $first->personId : '');
            if ($chosen !== '') {
                $best[$line->id] = $chosen;
            }
        }

        return new HouseholdMatch($best, $offers, $new);
    }

    /**
     * What is supposed at first: nobody; each likely person for the line that the others are told of; one person for
     * another line; and each sibship of the tree of which several lines may be.
     *
     * @return list<array<string, string>>
     */
    private function beginnings(): array
    {
        $first = $this->lines[0] ?? null;
        foreach ($this->lines as $line) {
            if ($this->roll->principalOf($line) !== null) {
                $first = $this->roll->principalOf($line);
                break;
            }
        }
        $beginnings = [[]];
        $sibships = [];
        foreach ($this->lines as $line) {
            $byLikeness = array_map(static fn (MatchWeight $alike): float => $alike->logOdds, $this->alike[$line->id] ?? []);
            arsort($byLikeness);
            foreach (array_slice(array_keys($byLikeness), 0, $line->id === $first?->id ? self::BEGINNINGS : 2) as $person) {
                $beginnings[] = [$line->id => (string) $person];
            }
            foreach (array_reverse(array_slice(array_keys($byLikeness), 0, self::BEGINNINGS)) as $person) {
                foreach ($this->candidates->all[$person]->parents as $parent) {
                    $sibships[$parent][$line->id] = (string) $person;
                }
            }
        }

        return [...$beginnings,
            ...array_values(array_filter($sibships, static fn (array $placed): bool => count(array_unique($placed)) > 1))];
    }

    /**
     * Finds the best assignment under the ties to those placed so far, again and again, and keeps the best of all. Who is
     * supposed at first is held for the first round, or one who is as like would take the place before kin speak.
     *
     * @param  array<string, string>  $supposed
     * @return array{array<string, string>, float} who is placed, and the sum of what speaks for it
     */
    private function settle(array $supposed): array
    {
        $placed = $this->assign($supposed, array_diff_key($supposed, $this->pinned));
        $best = [$placed, $this->sum($placed)];
        for ($round = 1; $round < self::ROUNDS; $round++) {
            $next = $this->assign($placed, []);
            if ($next === $placed) {
                break;
            }
            $placed = $next;
            $sum = $this->sum($placed);
            $best = $sum > $best[1] ? [$placed, $sum] : $best;
        }

        return $best;
    }

    /**
     * @param  array<string, string>  $placed
     * @param  array<string, string>  $held
     * @return array<string, string>
     */
    private function assign(array $placed, array $held): array
    {
        $gain = [];
        $wide = count($this->people);
        foreach ($this->lines as $at => $line) {
            $row = [];
            foreach ($this->people as $person) {
                $row[] = ($held[$line->id] ?? $person) === $person ? $this->gain($line, $person, $placed) : MatchWeight::NEVER;
            }
            // Each line has a nobody of its own.
            foreach ($this->lines as $otherLine => $_) {
                $row[] = $otherLine === $at && ! isset($held[$line->id]) ? $this->nobody($line) : MatchWeight::NEVER;
            }
            $gain[] = $row;
        }
        $found = [];
        foreach (Assignment::best($gain) as $at => $column) {
            if ($column < $wide && $gain[$at][$column] > MatchWeight::NEVER / 2) {
                $found[$this->lines[$at]->id] = $this->people[$column];
            }
        }

        return $found;
    }

    private function nobody(RollLine $line): float
    {
        return match ($this->pinned[$line->id] ?? null) {
            null => StrangerWeight::of($this->roll, $line),
            '' => -MatchWeight::NEVER,
            default => MatchWeight::NEVER,
        };
    }

    /** @param  array<string, string>  $placed */
    private function gain(RollLine $line, string $person, array $placed): float
    {
        $pinned = $this->pinned[$line->id] ?? null;
        if (! isset($this->alike[$line->id][$person]) || ($pinned !== null && $pinned !== $person)) {
            return MatchWeight::NEVER;
        }

        return $this->together($line, $person, $placed) - ($pinned === $person ? MatchWeight::NEVER : 0.0);
    }

    /**
     * What speaks for a line being somebody, while others are placed so.
     *
     * @param  array<string, string>  $placed
     */
    private function together(RollLine $line, string $person, array $placed): float
    {
        $sum = $this->alike[$line->id][$person]->logOdds;
        foreach ($this->lines as $otherLine) {
            if ($otherLine->id !== $line->id) {
                $sum += isset($placed[$otherLine->id]) ? $this->tie($line, $person, $otherLine, $placed[$otherLine->id])
                    : $this->ties->ofStranger($line, $person, $otherLine);
            }
        }

        return $sum;
    }

    /** @param  array<string, string>  $placed */
    private function sum(array $placed): float
    {
        $sum = 0.0;
        foreach ($this->lines as $at => $line) {
            $person = $placed[$line->id] ?? null;
            if ($person === null) {
                $sum += StrangerWeight::of($this->roll, $line);

                continue;
            }
            $sum += $this->alike[$line->id][$person]->logOdds;
            foreach ($this->lines as $later => $otherLine) {
                if (! isset($placed[$otherLine->id])) {
                    $sum += $this->ties->ofStranger($line, $person, $otherLine);
                } elseif ($later > $at) {
                    $sum += $this->tie($line, $person, $otherLine, $placed[$otherLine->id]);
                }
            }
        }

        return $sum;
    }

    private function tie(RollLine $line, string $person, RollLine $otherLine, string $otherPerson): float
    {
        if ($person === $otherPerson) {
            return 0.0;
        }

        return $this->tied["{$line->id} {$person} {$otherLine->id} {$otherPerson}"] ??= min(
            $this->ties->of($line, $person, $otherLine, $otherPerson), $this->ties->of($otherLine, $otherPerson, $line, $person),
        );
    }

    /**
     * @param  array<string, string>  $placed
     * @param  array<string, string>  $taken  lines by the people who stand on them
     * @return array{list<MatchOffer>, float}
     */
    private function offers(RollLine $line, array $placed, array $taken): array
    {
        $sums = [];
        foreach (array_keys($this->alike[$line->id] ?? []) as $person) {
            if (! isset($taken[$person])) {
                $sums[(string) $person] = $this->together($line, (string) $person, $placed);
            }
        }
        $sums = array_filter($sums, static fn (float $sum): bool => $sum > MatchWeight::NEVER / 2);
        arsort($sums);
        $all = array_sum(array_map(exp(...), $sums)) + exp(StrangerWeight::of($this->roll, $line));
        $offers = [];
        foreach (array_slice($sums, 0, self::MOST_OFFERS, true) as $person => $sum) {
            $offers[] = new MatchOffer((string) $person, exp($sum) / $all, $this->grounds($line, (string) $person, $placed));
        }

        return [$offers, exp(StrangerWeight::of($this->roll, $line)) / $all];
    }

    /**
     * @param  array<string, string>  $placed
     * @return list<string>
     */
    private function grounds(RollLine $line, string $person, array $placed): array
    {
        $grounds = $this->alike[$line->id][$person]->grounds;
        $kin = [];
        foreach ($this->lines as $otherLine) {
            if ($otherLine->id !== $line->id && isset($placed[$otherLine->id]) && $placed[$otherLine->id] !== $person) {
                $tie = $this->ties->agreed($line, $person, $otherLine, $placed[$otherLine->id]);
                if ($tie !== RoleRelation::None) {
                    $kin[$tie->value][] = $this->candidates->all[$placed[$otherLine->id]]->given;
                }
            }
        }
        foreach ($kin as $word => $names) {
            $last = array_pop($names);
            $grounds[] = 'Known as '.$word.' of '.($names === [] ? '' : implode(', ', $names).' and ').$last.'.';
        }

        return array_values(array_unique(array_filter($grounds)));
    }
}
