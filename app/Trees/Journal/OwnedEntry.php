<?php

declare(strict_types=1);

namespace App\Trees\Journal;

/** A told entry, and whose it is; empty where it is nobody's. */
final readonly class OwnedEntry
{
    public function __construct(public ToldEntry $told, public string $personId, public string $person)
    {
    }
}
