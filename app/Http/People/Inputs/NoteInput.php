<?php

declare(strict_types=1);

namespace App\Http\People\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class NoteInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $text,
        #[OA\Property] public bool $isResearch = false,
        #[OA\Property] public ?int $version = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'text' => ['required', 'string', 'max:100000'],
            'isResearch' => ['boolean'],
            'version' => ['nullable', 'integer'],
        ];
    }
}
