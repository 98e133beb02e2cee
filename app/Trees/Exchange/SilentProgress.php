<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

/** Progress that nobody watches: a command that simply runs to its end. */
final class SilentProgress implements Progress
{
    public function report(int $percent, string $step): void
    {
    }
}
