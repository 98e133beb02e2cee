<?php

declare(strict_types=1);

namespace App\Http\People\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class PersonChangeInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public int $version,
        #[OA\Property] public ?string $sex = null,
        #[OA\Property] public ?string $saidDeadWhy = null,
        #[OA\Property] public ?string $restriction = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'sex' => ['nullable', 'in:F,M,X,U'],
            'saidDeadWhy' => ['nullable', 'string', 'max:2000'],
            'restriction' => ['nullable', 'string', new KnownRestriction],
        ];
    }
}
