<?php

declare(strict_types=1);

namespace App\Http\Tree\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class EventKindInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $word,
        #[OA\Property] public bool $ofPerson = true,
        #[OA\Property] public bool $ofUnion = false,
        #[OA\Property] public bool $hasValue = false,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'word' => ['required', 'string', 'max:60'],
            'ofPerson' => ['boolean'],
            'ofUnion' => ['boolean'],
            'hasValue' => ['boolean'],
        ];
    }
}
