<?php

declare(strict_types=1);

namespace App\Http\Doubles;

/** Which pairs a list shows, and in what order. */
final readonly class DoublesAsked
{
    /**
     * @param  string  $show  different, not now; whatever else for those that nobody ruled on
     * @param  string  $sort  entries: the largest cluster first; whatever else for the likeliest first
     * @param  string  $words  of a name of either
     */
    public function __construct(public string $show, public string $sort, public string $words)
    {
    }
}
