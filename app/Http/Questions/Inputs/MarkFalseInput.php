<?php

declare(strict_types=1);

namespace App\Http\Questions\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** Something that is to be false from now on, and the mark of what was foretold of it. */
#[OA\Schema]
final readonly class MarkFalseInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $why,
        #[OA\Property] public string $seen,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return ['why' => ['required', 'string', 'max:20000'], 'seen' => ['required', 'string', 'max:64']];
    }
}
