<?php

declare(strict_types=1);

namespace App\Http\Tree\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** Names that stand for one another, parted by spaces or commas. */
#[OA\Schema]
final readonly class VariantsInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $words,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return ['words' => ['required', 'string', 'max:500']];
    }
}
