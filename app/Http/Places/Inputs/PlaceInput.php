<?php

declare(strict_types=1);

namespace App\Http\Places\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** What is left out stays; empty takes away what was said. Degrees are decimal, south and west below nought. */
#[OA\Schema]
final readonly class PlaceInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public ?string $name = null,
        #[OA\Property] public ?string $kind = null,
        #[OA\Property] public ?string $insideId = null,
        #[OA\Property] public ?string $latitude = null,
        #[OA\Property] public ?string $longitude = null,
        #[OA\Property] public ?int $version = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'name' => ['nullable', 'string', 'min:1', 'max:300'],
            'kind' => ['nullable', 'string', 'max:40'],
            // Emptied, it is inside none.
            'insideId' => ['nullable', 'string', 'uuid'],
            'latitude' => ['nullable', 'string', 'max:12', 'regex:/^$|^-?(90(\.0+)?|[0-8]?\d(\.\d+)?)$/'],
            'longitude' => ['nullable', 'string', 'max:12', 'regex:/^$|^-?(180(\.0+)?|1[0-7]\d(\.\d+)?|\d{1,2}(\.\d+)?)$/'],
            'version' => ['nullable', 'integer'],
        ];
    }
}
