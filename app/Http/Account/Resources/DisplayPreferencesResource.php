<?php

declare(strict_types=1);

namespace App\Http\Account\Resources;

use OpenApi\Attributes as OA;

/** How a reader wants names and dates to be shown; the words are those of DisplayPreferencesInput. */
#[OA\Schema]
final readonly class DisplayPreferencesResource
{
    public function __construct(
        #[OA\Property] public string $order,
        #[OA\Property] public string $capitals,
        #[OA\Property] public string $married,
        #[OA\Property] public string $dates,
    ) {
    }
}
