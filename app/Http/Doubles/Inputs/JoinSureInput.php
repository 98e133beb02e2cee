<?php

declare(strict_types=1);

namespace App\Http\Doubles\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** Which pairs are joined all at once, and whether the tree is copied first. */
#[OA\Schema]
final readonly class JoinSureInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property(description: 'words of a name of either; empty for everybody')] public string $q = '',
        #[OA\Property(description: 'a copy of the tree as it is now is kept')] public bool $copyFirst = false,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return ['q' => ['nullable', 'string', 'max:200'], 'copyFirst' => ['nullable', 'boolean']];
    }
}
