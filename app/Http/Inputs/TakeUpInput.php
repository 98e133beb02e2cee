<?php

declare(strict_types=1);

namespace App\Http\Inputs;

use OpenApi\Attributes as OA;

/** A conflict that is taken up as a question. */
#[OA\Schema]
final readonly class TakeUpInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $personId,
        #[OA\Property] public string $aspect,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return ['personId' => ['required', 'uuid'], 'aspect' => ['required', 'string', 'max:40']];
    }
}
