<?php

declare(strict_types=1);

namespace App\Http\Records\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class KindInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $template,
        #[OA\Property] public ?int $version = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'template' => ['required', 'string', 'max:100000', 'json'],
            'version' => ['nullable', 'integer'],
        ];
    }
}
