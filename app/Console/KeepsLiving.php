<?php

declare(strict_types=1);

namespace App\Console;

use App\Refusal;

/** What a command that lets people leave does with the living: its option --living. */
trait KeepsLiving
{
    abstract private function word(string $name): string;

    /** @throws Refusal where neither is asked for */
    private function keepsLiving(): bool
    {
        return match ($this->word('living')) {
            'shield' => false,
            'keep' => true,
            default => throw new Refusal('Living people are shielded or kept: --living=shield or --living=keep.'),
        };
    }
}
