<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class EntryOffers
{
    /** @param  list<EntryOffer>  $offers  the likeliest first */
    public function __construct(#[ListOf(EntryOffer::class)] public array $offers)
    {
    }
}
