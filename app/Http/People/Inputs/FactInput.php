<?php

declare(strict_types=1);

namespace App\Http\People\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class FactInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public ?string $kind = null,
        #[OA\Property] public ?string $typeWords = null,
        #[OA\Property] public ?string $value = null,
        #[OA\Property] public ?string $date = null,
        #[OA\Property] public ?string $place = null,
        /** The place that this fact's words stand for, where it is not what they usually do; empty for what they usually do. */
        #[OA\Property] public ?string $placeId = null,
        #[OA\Property] public ?bool $denied = null,
        #[OA\Property] public ?int $version = null,
        #[OA\Property] public ?string $why = null,
        #[OA\Property] public ?string $sourceId = null,
        #[OA\Property] public ?string $locator = null,
        #[OA\Property] public ?string $words = null,
        /** Though the very value was ruled out. */
        #[OA\Property] public ?bool $again = null,
        #[OA\Property] public ?string $restriction = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'kind' => ['nullable', 'string', 'max:40'],
            'typeWords' => ['nullable', 'string', 'max:200'],
            'value' => ['nullable', 'string', 'max:5000'],
            'date' => ['nullable', 'string', 'max:200'],
            'place' => ['nullable', 'string', 'max:500'],
            'placeId' => ['nullable', 'string', 'uuid'],
            'denied' => ['nullable', 'boolean'],
            'version' => ['nullable', 'integer'],
            'why' => ['nullable', 'string', 'max:2000'],
            'sourceId' => ['nullable', 'uuid'],
            'locator' => ['nullable', 'string', 'max:1000'],
            'words' => ['nullable', 'string', 'max:20000'],
            'again' => ['nullable', 'boolean'],
            'restriction' => ['nullable', 'string', new KnownRestriction],
        ];
    }

    /**
     * What was said of the fact itself; what was left out is missing.
     *
     * @return array{kind: string, typeWords?: string, value?: string, date?: string, place?: string, placeId?: string|null,
     *     denied?: bool, restriction?: string}
     */
    public function fact(string $kind): array
    {
        return ['kind' => $kind]
            + ($this->typeWords === null ? [] : ['typeWords' => $this->typeWords])
            + ($this->value === null ? [] : ['value' => $this->value])
            + ($this->date === null ? [] : ['date' => $this->date])
            + ($this->place === null ? [] : ['place' => $this->place])
            + ($this->placeId === null ? [] : ['placeId' => $this->placeId === '' ? null : $this->placeId])
            + ($this->denied === null ? [] : ['denied' => $this->denied])
            + ($this->restriction === null ? [] : ['restriction' => $this->restriction]);
    }
}
