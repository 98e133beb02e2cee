<?php

declare(strict_types=1);

namespace App\Trees\Joins;

/** What came of taking two people apart. */
final readonly class TakenApart
{
    /**
     * @param  list<RowSince>  $asked  what was made since and nobody said whose it is; it stayed with the one who was kept
     * @param  list<string>  $remarks  what could not be put back as it was, in sentences
     */
    public function __construct(public string $backId, public string $keptId, public array $asked, public array $remarks)
    {
    }
}
