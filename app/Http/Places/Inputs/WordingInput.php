<?php

declare(strict_types=1);

namespace App\Http\Places\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** Words, and the place that they stand for; without one, the places that they name are made. */
#[OA\Schema]
final readonly class WordingInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $typed,
        #[OA\Property] public ?string $placeId = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'typed' => ['required', 'string', 'max:500'],
            'placeId' => ['nullable', 'uuid'],
        ];
    }
}
