<?php

declare(strict_types=1);

namespace App\Http\Tree\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class CopyInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $name,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return ['name' => ['required', 'string', 'max:200']];
    }
}
