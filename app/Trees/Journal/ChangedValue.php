<?php

declare(strict_types=1);

namespace App\Trees\Journal;

/** One value that an entry of the journal changed, in words on both sides. */
final readonly class ChangedValue
{
    /** @param  string  $word  what the journal calls it */
    public function __construct(public string $field, public string $word, public string $before, public string $after)
    {
    }
}
