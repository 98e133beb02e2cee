<?php

declare(strict_types=1);

namespace App\Trees\Doubles;

use NorthBough\Core\Linkage\Doubles\ScoredPair;

/** What came of a search for doubles. */
final readonly class DoubleScan
{
    /** One candidate, and no less likely than this, is a sure double. */
    private const SURE = 0.9;

    /**
     * @param  list<ScoredPair>  $pairs  the likeliest first
     * @param  int  $people  who were looked at
     * @param  array<string, int>  $isLookedAt  by id; empty for everybody
     * @param  int  $candidates  pairs that were compared
     */
    public function __construct(
        public array $pairs,
        public int $people,
        public int $candidates,
        public float $seconds,
        private array $isLookedAt = [],
    ) {
    }

    /** @return array{lookedAt: int, sure: int, several: int, none: int} people; the last three add up to the first */
    public function counts(): array
    {
        $of = [];
        foreach ($this->pairs as $pair) {
            foreach ([$pair->a, $pair->b] as $id) {
                if ($this->isLookedAt === [] || isset($this->isLookedAt[$id])) {
                    $of[$id] = isset($of[$id]) ? 0.0 : $pair->probability;
                }
            }
        }
        $sure = count(array_filter($of, static fn (float $probability): bool => $probability >= self::SURE));

        return ['lookedAt' => $this->people, 'sure' => $sure, 'several' => count($of) - $sure, 'none' => $this->people - count($of)];
    }
}
