<?php

declare(strict_types=1);

namespace App\Http\Books\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class BookResource
{
    /** @param  list<ChapterResource>  $chapters */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $title,
        #[OA\Property] public string $subtitle,
        #[OA\Property] public string $author,
        #[ListOf(ChapterResource::class)] public array $chapters,
    ) {
    }
}
