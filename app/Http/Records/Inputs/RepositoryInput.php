<?php

declare(strict_types=1);

namespace App\Http\Records\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class RepositoryInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public int $version,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:500', 'regex:/\\S/'],
            'version' => ['required', 'integer'],
        ];
    }
}
