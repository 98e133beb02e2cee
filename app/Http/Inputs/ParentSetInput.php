<?php

declare(strict_types=1);

namespace App\Http\Inputs;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ParentSetInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public ?string $kind = null,
        #[OA\Property] public ?string $standing = null,
        #[OA\Property] public ?string $proof = null,
        #[OA\Property] public bool $leads = false,
        #[OA\Property] public ?string $why = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'kind' => ['nullable', 'in:birth,adoptive,foster,guardian,recognised,other'],
            'standing' => ['nullable', 'in:accepted,rival,ruled out,unweighed'],
            'proof' => ['nullable', 'in:unstated,unresolved,probable,proved'],
            'leads' => ['boolean'],
            'why' => ['nullable', 'string', 'max:2000'],
        ];
    }
}
