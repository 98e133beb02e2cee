<?php

declare(strict_types=1);

namespace App\Http\Records\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class DraftInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public int $ofVersion,
        #[OA\Property] public int $seq,
        #[OA\Property] public string $roll,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'ofVersion' => ['required', 'integer'],
            'seq' => ['required', 'integer', 'min:1'],
            'roll' => ['required', 'string', 'max:4000000', 'json'],
        ];
    }
}
