<?php

declare(strict_types=1);

namespace App\Http\People\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class GroupInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public string $meaning = '',
        #[OA\Property] public string $colour = '',
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:100'],
            'meaning' => ['nullable', 'string', 'max:2000'],
            'colour' => ['nullable', 'in:tide,lichen,ochre,madder,graphite'],
        ];
    }
}
