<?php

declare(strict_types=1);

namespace App\Http\Research\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class TaskInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public ?string $text = null,
        #[OA\Property] public ?bool $done = null,
        #[OA\Property] public ?int $version = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'text' => ['nullable', 'string', 'min:1', 'max:5000'],
            'done' => ['nullable', 'boolean'],
            'version' => ['nullable', 'integer'],
        ];
    }
}
