<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom;

use NorthBough\Core\Gedcom\In\IdMint;

final class CountingMint implements IdMint
{
    private int $count = 0;

    public function next(): string
    {
        return 'id'.++$this->count;
    }

    public function tied(string $recordId, string $to): string
    {
        return "{$recordId} {$to}";
    }
}
