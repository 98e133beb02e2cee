<?php

declare(strict_types=1);

namespace App\Http\Reports\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ReportResource
{
    public function __construct(
        #[OA\Property] public string $title,
        #[OA\Property] public string $html,
    ) {
    }
}
