<?php

declare(strict_types=1);

namespace App\Trees\Changes;

use App\Models\User;

/** Who changes something, how, and why. */
final readonly class Intent
{
    public function __construct(
        public ?User $user,
        public string $summary,
        public string $why = '',
        public ChangeMethod $how = ChangeMethod::Hand,
        public string $kind = 'do',
        public ?string $undoes = null,
        public bool $restores = false,
    ) {
    }

    /** Whether it is done for the first time: neither undone nor redone, nor puts back what was there before. */
    public function isNew(): bool
    {
        return $this->kind === 'do' && ! $this->restores;
    }
}
