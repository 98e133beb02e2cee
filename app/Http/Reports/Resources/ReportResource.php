<?php

declare(strict_types=1);

namespace App\Http\Reports\Resources;

use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ReportResource
{
    public function __construct(
        #[Shielded] #[OA\Property] public string $title,
        #[Shielded] #[OA\Property] public string $html,
    ) {
    }
}
