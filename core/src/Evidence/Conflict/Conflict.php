<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Conflict;

use NorthBough\Core\Compare\Verdict;

/** Values that cannot, or can hardly, be true together. Only what contradicts opens a question. */
final readonly class Conflict
{
    /**
     * @param  string  $aspect  birth, death, sex, mother, father; the kind of fact that was denied; or presence
     * @param  list<string>  $ids  of the events, parents or claims that disagree, in their order
     * @param  float  $badness  from 0, hardly off, to 1, as far apart as can be
     */
    public function __construct(
        public string $aspect,
        public Verdict $verdict,
        public array $ids,
        public string $ground,
        public float $badness,
    ) {
    }

    public function isHard(): bool
    {
        return $this->verdict === Verdict::Contradicts;
    }
}
