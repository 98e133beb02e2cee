<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin;

/**
 * All pairs of lines, one up from each of two people, that meet at an ancestor and share nobody else. They are
 * counted, not enumerated: a state is the pair of nodes that the two lines have reached, and always the lower one
 * goes on, so that two lines which meet are seen to meet, and each pair of lines is counted once.
 *
 * The recursion is that of kinship coefficients (K. Lange, Mathematical and Statistical Methods for Genetic
 * Analysis, 2nd ed., 5.2), with numbers of paths in place of probabilities.
 *
 * Works on packed arrays: this is the inner loop of kinship. A key is up << 21 | down << 8 | bits: those of the
 * ties, and one a side that says whether the line came to where it is through a couple of whom one is not known.
 */
final class LineagePairs
{
    private const TIES = 0x1F;

    private const ALONE_ONE = 0x20;

    private const ALONE_OTHER = 0x40;

    private int $size;

    private int $start;

    /** @var array<int, array<int, int>> state => [key => number of pairs of lines] */
    private array $counts = [];

    /** @var array<int, list<int>> state => states before it */
    private array $before = [];

    /** @var list<int> states in which two lines have met */
    private array $met = [];

    private function __construct(private readonly Pedigree $pedigree)
    {
        $this->size = 1 << 24;
    }

    public static function between(Pedigree $pedigree, int $node, int $otherNode): self
    {
        $lines = new self($pedigree);
        $lines->start = $node * $lines->size + $otherNode;
        $lines->walk($node, $otherNode);

        return $lines;
    }

    /**
     * @return list<array{node: int, up: int, down: int, meeting: LineageMeeting, bits: int, count: int, state: int, key: int}>
     */
    public function meetings(): array
    {
        $meetings = [];
        foreach ($this->met as $state) {
            $node = intdiv($state, $this->size);
            foreach ($this->counts[$state] as $key => $count) {
                [$up, $down] = [$key >> 21, ($key >> 8) & 0x1FFF];
                $parents = max(1, count($this->pedigree->up($node)));
                if ($this->pedigree->isCouple($node)) {
                    $meeting = $parents > 1 ? LineageMeeting::Full : LineageMeeting::HalfOrFull;
                    $count = $count > intdiv(PHP_INT_MAX, $parents) ? PHP_INT_MAX : $count * $parents;
                } else {
                    $meeting = $up === 0 || $down === 0 ? LineageMeeting::Direct
                        : (($key & (self::ALONE_ONE | self::ALONE_OTHER)) === 0 ? LineageMeeting::Half : LineageMeeting::HalfOrFull);
                }
                $meetings[] = ['node' => $node, 'up' => $up, 'down' => $down, 'meeting' => $meeting, 'bits' => $key & self::TIES,
                    'count' => $count, 'state' => $state, 'key' => $key];
            }
        }

        return $meetings;
    }

    /**
     * The people along the lines that end in one meeting.
     *
     * @return list<list<string>> ids from the one to the other, at most `$limit`
     */
    public function paths(int $state, int $key, int $limit): array
    {
        $paths = [];
        $node = intdiv($state, $this->size);
        $tops = $this->pedigree->isCouple($node) ? array_keys($this->pedigree->up($node)) : [$node];
        foreach ($tops === [] ? [null] : $tops as $top) {
            $this->trace($state, $key, [], [], $top, $paths, $limit);
        }

        return $paths;
    }

    private function walk(int $node, int $otherNode): void
    {
        $useful = $this->useful($node, $otherNode);
        $buckets = [];
        if (isset($useful[$node], $useful[$otherNode])) {
            $this->counts[$this->start] = [0 => 1];
            $buckets[$this->lower($node, $otherNode)] = [$this->start];
        }
        while ($buckets !== []) {
            $rank = min(array_keys($buckets));
            $states = $buckets[$rank];
            unset($buckets[$rank]);
            foreach ($states as $state) {
                if (intdiv($state, $this->size) === $state % $this->size) {
                    $this->met[] = $state;
                }
                foreach ($this->next($state) as $to => $step) {
                    [$u, $v] = [intdiv($to, $this->size), $to % $this->size];
                    if (! isset($useful[$u], $useful[$v])) {
                        continue;
                    }
                    if (! isset($this->counts[$to])) {
                        $this->counts[$to] = [];
                        $buckets[$this->lower($u, $v)][] = $to;
                    }
                    $this->before[$to][] = $state;
                    $this->carry($state, $to, $step);
                }
            }
        }
    }

    /** @param  array{int, int, int}  $step */
    private function carry(int $from, int $to, array $step): void
    {
        foreach ($this->counts[$from] as $key => $count) {
            $next = self::after($key, $step);
            $sum = $this->counts[$to][$next] ?? 0;
            $this->counts[$to][$next] = $sum > PHP_INT_MAX - $count ? PHP_INT_MAX : $sum + $count;
        }
    }

    /** @param  array{int, int, int}  $step what is added, what is set and what is cleared first */
    private static function after(int $key, array $step): int
    {
        return (($key & ~$step[2]) + $step[0]) | $step[1];
    }

    /** @return array<int, array{int, int, int}> the states that follow, each with what the step does to the key */
    private function next(int $state): array
    {
        [$u, $v] = [intdiv($state, $this->size), $state % $this->size];
        $steps = [];
        if ($u === $v) {
            // The two lines may also part in a couple, one by each, and meet again where these are kin.
            $parents = $this->pedigree->isCouple($u) ? array_keys($this->pedigree->up($u)) : [];
            foreach ($parents as $first) {
                foreach ($parents as $second) {
                    if ($first !== $second) {
                        $steps[$first * $this->size + $second] = [0, 0, 0];
                    }
                }
            }

            return $steps;
        }
        $firstGoes = $this->pedigree->rank($u) < $this->pedigree->rank($v);
        $goes = $firstGoes ? $u : $v;
        $alone = $firstGoes ? self::ALONE_ONE : self::ALONE_OTHER;
        $parents = $this->pedigree->up($goes);
        $isCouple = $this->pedigree->isCouple($goes);
        $generation = $isCouple ? 0 : ($firstGoes ? 1 << 21 : 1 << 8);
        $set = $isCouple && count($parents) < 2 ? $alone : 0;
        foreach ($parents as $node => $bits) {
            $steps[$firstGoes ? $node * $this->size + $v : $u * $this->size + $node] = [$generation, $bits | $set, $isCouple ? 0 : $alone];
        }

        return $steps;
    }

    /**
     * The nodes above either that lead to an ancestor of both.
     *
     * @return array<int, true>
     */
    private function useful(int $firstNode, int $otherNode): array
    {
        $aboveOne = $this->pedigree->allAbove($firstNode);
        $aboveOther = $this->pedigree->allAbove($otherNode);
        $useful = array_intersect_key($aboveOne, $aboveOther);
        $rest = array_keys(array_diff_key($aboveOne + $aboveOther, $useful));
        usort($rest, fn (int $a, int $b): int => $this->pedigree->rank($b) <=> $this->pedigree->rank($a));
        foreach ($rest as $node) {
            foreach ($this->pedigree->up($node) as $next => $bits) {
                if (isset($useful[$next])) {
                    $useful[$node] = true;
                }
            }
        }

        return $useful;
    }

    private function lower(int $u, int $v): int
    {
        return min($this->pedigree->rank($u), $this->pedigree->rank($v));
    }

    /**
     * @param  list<int>  $ups  nodes of the first line, the highest first
     * @param  list<int>  $downs  nodes of the second
     * @param  list<list<string>>  $paths
     */
    private function trace(int $state, int $key, array $ups, array $downs, ?int $top, array &$paths, int $limit): void
    {
        if (count($paths) >= $limit) {
            return;
        }
        if ($state === $this->start && $key === 0) {
            $paths[] = $this->written([...$ups, intdiv($state, $this->size)], [...$downs, $state % $this->size], $top);

            return;
        }
        [$u, $v] = [intdiv($state, $this->size), $state % $this->size];
        foreach ($this->before[$state] ?? [] as $previous) {
            [$pu, $pv] = [intdiv($previous, $this->size), $previous % $this->size];
            $step = $this->next($previous)[$state];
            foreach (array_keys($this->counts[$previous]) as $earlier) {
                if (self::after($earlier, $step) === $key) {
                    $this->trace($previous, $earlier, $pu === $u ? $ups : [...$ups, $u], $pv === $v ? $downs : [...$downs, $v], $top,
                        $paths, $limit);
                }
            }
        }
    }

    /**
     * @param  list<int>  $ups  from the meeting down to the one
     * @param  list<int>  $downs  from the meeting down to the other
     * @return list<string>
     */
    private function written(array $ups, array $downs, ?int $top): array
    {
        $isPerson = fn (int $node): bool => ! $this->pedigree->isCouple($node) && $node !== $top;
        $path = [
            ...array_reverse(array_values(array_filter($ups, $isPerson))),
            ...($top === null ? [] : [$top]),
            ...array_values(array_filter($downs, $isPerson)),
        ];

        return array_map($this->pedigree->key(...), $path);
    }
}
