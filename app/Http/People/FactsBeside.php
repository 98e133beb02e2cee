<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\Exchange\Resources\KeptLinesResource;
use App\Http\People\Resources\NoteResource;
use App\Http\People\Resources\RoleResource;

/** What stands beside the facts of a page, by fact. */
final readonly class FactsBeside
{
    /**
     * @param  array<string, int>  $versions
     * @param  array<string, list<RoleResource>>  $roles
     * @param  array<string, list<NoteResource>>  $notes
     * @param  array<string, list<KeptLinesResource>>  $kept
     * @param  array<string, true>  $reasoned  those of which somebody wrote why they stand
     */
    public function __construct(
        public array $versions,
        public array $roles,
        public array $notes,
        public array $kept,
        public array $reasoned,
    ) {
    }
}
