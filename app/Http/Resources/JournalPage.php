<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** `undo` and `redo` say what the next undo and redo would do; empty when there is nothing. */
#[OA\Schema]
final readonly class JournalPage
{
    /** @param  list<ChangeResource>  $changes */
    public function __construct(
        #[ListOf(ChangeResource::class)] public array $changes,
        #[OA\Property] public ?int $next,
        #[OA\Property] public string $undo,
        #[OA\Property] public string $redo,
    ) {
    }
}
