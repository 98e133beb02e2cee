<?php

declare(strict_types=1);

namespace App\Http\People\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class RoleInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $role,
        #[OA\Property] public ?string $personId = null,
        #[OA\Property] public string $words = '',
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'role' => ['required', 'string', 'max:40'],
            'personId' => ['nullable', 'uuid'],
            'words' => ['nullable', 'string', 'max:300'],
        ];
    }
}
