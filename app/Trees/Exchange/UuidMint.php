<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use Illuminate\Support\Str;
use NorthBough\Core\Gedcom\Reading\IdMint;

final class UuidMint implements IdMint
{
    public function next(): string
    {
        return (string) Str::uuid7();
    }
}
