<?php

declare(strict_types=1);

namespace App\Http\Inputs;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class TreeInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public ?string $name = null,
        #[OA\Property] public ?string $centrePersonId = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'name' => ['string', 'min:1', 'max:200'],
            'centrePersonId' => ['uuid'],
        ];
    }
}
