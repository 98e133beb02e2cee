<?php

declare(strict_types=1);

namespace App\Http\Texts\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** A text as it was written: what it is about, what it is called, and its body as the editor has it. */
#[OA\Schema]
final readonly class TextInput
{
    use ReadsRequest;

    /**
     * @param  array<string, mixed>  $body  as ProseReader reads it
     * @param  int|null  $version  which one was read, where it is saved again
     */
    public function __construct(
        #[OA\Property] public string $title,
        #[OA\Property(type: 'object', additionalProperties: true)] public array $body,
        #[OA\Property] public ?string $personId = null,
        #[OA\Property] public ?string $unionId = null,
        #[OA\Property] public ?string $placeId = null,
        #[OA\Property] public ?int $version = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'title' => ['required', 'string', 'min:1', 'max:200'],
            'body' => ['required', 'array'],
            'personId' => ['nullable', 'uuid'],
            'unionId' => ['nullable', 'uuid', 'prohibits:personId,placeId'],
            'placeId' => ['nullable', 'uuid', 'prohibits:personId,unionId'],
            'version' => ['nullable', 'integer'],
        ];
    }
}
