<?php

declare(strict_types=1);

namespace App\Http\Reports\Resources;

use App\Http\Api\ListOf;
use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ReportResource
{
    /** @param  list<string>  $formats  in which it can be saved */
    public function __construct(
        #[Shielded] #[OA\Property] public string $title,
        #[Shielded] #[OA\Property] public string $html,
        #[ListOf('string')] public array $formats,
    ) {
    }
}
