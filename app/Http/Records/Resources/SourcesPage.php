<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class SourcesPage
{
    /** @param  list<SourceResource>  $rows */
    public function __construct(
        #[ListOf(SourceResource::class)] public array $rows,
        #[OA\Property] public ?string $next,
        #[OA\Property] public int $shown,
        #[OA\Property] public int $total,
    ) {
    }
}
