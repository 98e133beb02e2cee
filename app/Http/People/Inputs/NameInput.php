<?php

declare(strict_types=1);

namespace App\Http\People\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class NameInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $typed,
        #[OA\Property] public ?string $kind = null,
        #[OA\Property] public ?int $version = null,
        #[OA\Property] public ?bool $again = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'typed' => ['required', 'string', 'max:500'],
            'kind' => ['nullable', 'in:birth,married,aka,religious,immigrant,maiden,professional,other,unstated'],
            'version' => ['nullable', 'integer'],
            'again' => ['nullable', 'boolean'],
        ];
    }
}
