<?php

declare(strict_types=1);

namespace App\Http\Tree\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** Something that happened around the people of a tree; without a place, everywhere. */
#[OA\Schema]
final readonly class WorldEventInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $words,
        #[OA\Property] public string $date,
        #[OA\Property] public string $place = '',
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'words' => ['required', 'string', 'max:300'],
            'date' => ['required', 'string', 'max:200'],
            'place' => ['nullable', 'string', 'max:500'],
        ];
    }
}
