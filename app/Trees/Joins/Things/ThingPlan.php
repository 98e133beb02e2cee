<?php

declare(strict_types=1);

namespace App\Trees\Joins\Things;

/** What joining two of a kind would do. */
final readonly class ThingPlan
{
    /**
     * @param  list<array{label: string, kept: string, gone: string}>  $told  side by side; empty where nothing is told
     * @param  array<string, int>  $moves  how much of each goes over, by table
     * @param  array<string, int>  $weighs  how much hangs on the one that goes by way of something else, by the word for one
     * @param  list<string>  $remarks  sentences
     */
    public function __construct(
        public array $told,
        public array $moves,
        public array $weighs,
        public array $remarks,
    ) {
    }
}
