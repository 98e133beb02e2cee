<?php

declare(strict_types=1);

namespace App\Http\Pictures\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class PictureInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $uploadId,
        #[OA\Property] public ?string $title = null,
        #[OA\Property] public ?string $personId = null,
        #[OA\Property] public ?string $factId = null,
        #[OA\Property] public ?string $placeId = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'uploadId' => ['required', 'uuid'],
            'title' => ['nullable', 'string', 'max:500'],
            'personId' => ['nullable', 'uuid'],
            'factId' => ['nullable', 'uuid'],
            'placeId' => ['nullable', 'uuid'],
        ];
    }
}
