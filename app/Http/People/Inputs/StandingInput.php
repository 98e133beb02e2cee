<?php

declare(strict_types=1);

namespace App\Http\People\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** How something stands beside what else is told of the same. */
#[OA\Schema]
final readonly class StandingInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $standing,
        #[OA\Property] public ?string $why = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return ['standing' => ['required', 'in:accepted,rival,ruled out,unweighed'], 'why' => ['nullable', 'string', 'max:20000']];
    }
}
