<?php

declare(strict_types=1);

namespace App\Http\Journal\Resources;

use App\Http\Api\ListOf;
use App\Http\Api\MapOf;
use OpenApi\Attributes as OA;

/** `undo` and `redo` say what of one's own can be undone and done again, the next first; `authors` are names by id. */
#[OA\Schema]
final readonly class JournalPage
{
    /**
     * @param  list<ChangeResource>  $changes
     * @param  list<string>  $undo
     * @param  list<string>  $redo
     * @param  array<string, string>  $authors
     */
    public function __construct(
        #[ListOf(ChangeResource::class)] public array $changes,
        #[OA\Property] public ?int $next,
        #[ListOf('string')] public array $undo,
        #[ListOf('string')] public array $redo,
        #[MapOf] public array $authors,
    ) {
    }
}
