<?php

declare(strict_types=1);

namespace App\Http\Pictures\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class PicturesPage
{
    /** @param  list<PictureLine>  $rows */
    public function __construct(
        #[ListOf(PictureLine::class)] public array $rows,
        #[OA\Property] public ?string $next,
        #[OA\Property] public int $shown,
        #[OA\Property] public int $total,
    ) {
    }
}
