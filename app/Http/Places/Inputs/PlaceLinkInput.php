<?php

declare(strict_types=1);

namespace App\Http\Places\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class PlaceLinkInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $placeId,
        #[OA\Property] public string $from = '',
        #[OA\Property] public string $to = '',
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'placeId' => ['required', 'uuid'],
            'from' => ['nullable', 'string', 'max:100'],
            'to' => ['nullable', 'string', 'max:100'],
        ];
    }
}
