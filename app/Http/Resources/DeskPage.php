<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class DeskPage
{
    /**
     * @param  list<SentenceResource>  $yours
     * @param  list<ChangeResource>  $recent
     */
    public function __construct(
        #[ListOf(SentenceResource::class)] public array $yours,
        #[ListOf(ChangeResource::class)] public array $recent,
    ) {
    }
}
