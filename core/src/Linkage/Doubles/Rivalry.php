<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

/**
 * Somebody is one person only: where two candidates of theirs are not one, each takes from the odds of the other.
 */
final readonly class Rivalry
{
    /** Candidates who are one by so much do not compete. */
    private const ARE_ONE = 0.5;

    /**
     * What is left is stretched so that of the pairs of seven in ten, seven in ten are doubles: measured on trees of known
     * doubles (J. Platt, "Probabilistic Outputs for Support Vector Machines", 1999).
     */
    private const STRETCH = 1.55;

    private const SHIFT = 3.12;

    /** @param  array<int, float>  $logOdds  to the base 2, by pair */
    public function __construct(private array $logOdds)
    {
    }

    /** @return array<int, float> by pair, from 0 to 1 */
    public function probabilities(): array
    {
        $partners = [];
        foreach ($this->logOdds as $pair => $logOdds) {
            [$a, $b] = [$pair >> 21, $pair & 0x1FFFFF];
            $partners[$a][$b] = $partners[$b][$a] = PairScore::odds($logOdds);
        }
        $probabilities = [];
        foreach ($this->logOdds as $pair => $logOdds) {
            [$a, $b] = [$pair >> 21, $pair & 0x1FFFFF];
            $odds = PairScore::odds($logOdds) / (1 + $this->against($partners[$a], $b) + $this->against($partners[$b], $a));
            $odds = self::SHIFT * $odds ** self::STRETCH;
            $probabilities[$pair] = $odds / (1 + $odds);
        }

        return $probabilities;
    }

    /** @param  array<int, float>  $others  odds of everybody who may be the same person */
    private function against(array $others, int $person): float
    {
        $sum = 0.0;
        foreach ($others as $other => $odds) {
            if ($other !== $person && PairScore::probability($this->logOdds[PeopleTable::pair($other, $person)] ?? -60.0) < self::ARE_ONE) {
                $sum += $odds;
            }
        }

        return $sum;
    }
}
