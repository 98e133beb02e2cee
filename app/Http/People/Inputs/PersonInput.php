<?php

declare(strict_types=1);

namespace App\Http\People\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class PersonInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $line,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'line' => ['required', 'string', 'max:1000'],
        ];
    }
}
