<?php

declare(strict_types=1);

namespace App\Http\Journal\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** How many steps to take back or do again; one where nothing is said. */
#[OA\Schema]
final readonly class StepsInput
{
    use ReadsRequest;

    public function __construct(#[OA\Property] public int $steps = 1)
    {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return ['steps' => ['integer', 'min:1', 'max:40']];
    }
}
