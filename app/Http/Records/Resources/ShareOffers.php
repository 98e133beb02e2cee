<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ShareOffers
{
    /** @param  list<ShareOffer>  $people */
    public function __construct(
        #[ListOf(ShareOffer::class)] public array $people,
    ) {
    }
}
