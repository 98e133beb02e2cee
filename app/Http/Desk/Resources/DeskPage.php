<?php

declare(strict_types=1);

namespace App\Http\Desk\Resources;

use App\Http\Api\ListOf;
use App\Http\Journal\Resources\ChangeResource;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class DeskPage
{
    /**
     * @param  list<DeskItem>  $yours
     * @param  list<ChangeResource>  $recent
     */
    public function __construct(
        #[ListOf(DeskItem::class)] public array $yours,
        #[ListOf(ChangeResource::class)] public array $recent,
    ) {
    }
}
