<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

use NorthBough\Core\Chrono\DaySpan;

/** How many of all fall when: the chance that somebody drawn at random was born, or died, in a span. */
final class DayCounts
{
    /** Days to a step of the curve. */
    private const STEP = 30;

    /** @var array<int, int> */
    private array $counts = [];

    private int $all = 0;

    private int $first = 0;

    /** @var list<int>|null sums up to each step from `$first` on */
    private ?array $sums = null;

    public function add(?DaySpan $span): void
    {
        if ($span?->earliest === null || $span->latest === null) {
            return;
        }
        $step = intdiv(intdiv($span->earliest + $span->latest, 2), self::STEP);
        $this->counts[$step] = ($this->counts[$step] ?? 0) + 1;
        $this->all++;
        $this->sums = null;
    }

    /** @return float from above 0 to 1 */
    public function share(int $from, int $to): float
    {
        $sums = $this->sums ?? $this->sum();
        $last = count($sums) - 1;
        $low = $from / self::STEP - $this->first;
        $high = ($to + 1) / self::STEP - $this->first;
        if ($last < 0 || $high <= 0 || $low >= $last) {
            return 0.5 / ($this->all + 1);
        }
        $low = max(0.0, $low);
        $high = min((float) $last, $high);
        // Between two sums the days of a step are taken to be alike.
        [$lowAt, $highAt] = [(int) $low, (int) $high];
        $below = $sums[$lowAt] + ($low - $lowAt) * (($sums[$lowAt + 1] ?? $sums[$lowAt]) - $sums[$lowAt]);
        $above = $sums[$highAt] + ($high - $highAt) * (($sums[$highAt + 1] ?? $sums[$highAt]) - $sums[$highAt]);

        return min(1.0, max(0.02, $above - $below) / ($this->all + 1));
    }

    /** @return list<int> */
    private function sum(): array
    {
        $this->sums = [];
        if ($this->counts === []) {
            return [];
        }
        $this->first = min(array_keys($this->counts));
        $sum = 0;
        for ($step = $this->first, $last = max(array_keys($this->counts)); $step <= $last; $step++) {
            $this->sums[] = $sum;
            $sum += $this->counts[$step] ?? 0;
        }
        $this->sums[] = $sum;

        return $this->sums;
    }
}
