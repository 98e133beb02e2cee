<?php

declare(strict_types=1);

namespace App\Http\People\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class RelativeInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $relation,
        #[OA\Property] public ?string $line = null,
        #[OA\Property] public ?string $personId = null,
        #[OA\Property] public ?string $unionId = null,
        #[OA\Property] public ?string $kind = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'relation' => ['required', 'in:father,mother,parent,partner,child,sibling'],
            'line' => ['nullable', 'required_without:personId', 'string', 'max:1000'],
            'personId' => ['nullable', 'uuid'],
            'unionId' => ['nullable', 'uuid'],
            'kind' => ['nullable', 'in:birth,adoptive,foster,guardian,recognised,other'],
        ];
    }
}
