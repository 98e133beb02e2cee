<?php

declare(strict_types=1);

namespace NorthBough\Core\Life\Window;

use NorthBough\Core\Chrono\DaySpan;

/** The bounds of one life as they were settled, as they can be stored and given back. */
final readonly class Bounds
{
    /**
     * @param  list<int|null>  $days Julian Day Numbers: certain birth from and to, certain death from and to, then the likely
     *     ones; null where it is open. Where what is told leaves no day, from is after to.
     */
    public function __construct(public array $days)
    {
    }

    public function window(): LifeWindow
    {
        $without = fn (int $birth): array => array_keys(
            array_filter(['birth' => $this->isImpossible($birth), 'death' => $this->isImpossible($birth + 2)]));

        return new LifeWindow($this->span(0), $this->span(4), $this->span(2), $this->span(6), $without(0), $without(4));
    }

    private function isImpossible(int $at): bool
    {
        return $this->days[$at] === BoundNetwork::LAST || $this->days[$at + 1] === BoundNetwork::FIRST
            || (isset($this->days[$at], $this->days[$at + 1]) && $this->days[$at] > $this->days[$at + 1]);
    }

    private function span(int $at): DaySpan
    {
        // The end of time is where a contradiction pushed a bound: it tells no day.
        $lowest = $this->days[$at] === BoundNetwork::LAST ? null : $this->days[$at];
        $highest = $this->days[$at + 1] === BoundNetwork::FIRST ? null : $this->days[$at + 1];

        // Bounds that leave no day leave no span: whoever asks is told so by LifeWindow::$impossible.
        return $lowest !== null && $highest !== null && $lowest > $highest ? DaySpan::between(null, null)
            : DaySpan::between($lowest, $highest);
    }
}
