<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use RuntimeException;

/** A file could not be written to its end: no room, or no right. */
final class NotWritten extends RuntimeException
{
    public static function to(string $path): self
    {
        return new self("{$path} could not be written to its end. Is there room, and may it be written?");
    }
}
