<?php

declare(strict_types=1);

namespace App\Http\Records\Inputs;

use App\Http\Api\ListOf;
use App\Http\Api\MapOf;
use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class RecordInput
{
    use ReadsRequest;

    /**
     * @param  list<array<string, mixed>>  $lines
     * @param  array<string, string>|null  $fields
     */
    public function __construct(
        #[OA\Property] public int $version,
        #[ListOf(RollLineInput::class)] public array $lines = [],
        #[OA\Property] public ?string $kind = null,
        #[OA\Property] public ?string $locator = null,
        #[OA\Property] public ?string $date = null,
        #[OA\Property] public ?string $place = null,
        #[MapOf(nullable: true)] public ?array $fields = null,
        #[OA\Property] public ?string $transcription = null,
        #[OA\Property] public ?string $fileNumber = null,
        #[OA\Property] public ?int $toldCount = null,
        #[OA\Property] public ?string $sourceClass = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            ...RollLineInput::rules(needed: true),
            'version' => ['required', 'integer'],
            'kind' => ['nullable', 'string', 'max:40'],
            'locator' => ['nullable', 'string', 'max:1000'],
            'date' => ['nullable', 'string', 'max:200'],
            'place' => ['nullable', 'string', 'max:500'],
            'fields' => ['nullable', 'array', 'max:60'],
            'fields.*' => ['nullable', 'string', 'max:5000'],
            'transcription' => ['nullable', 'string', 'max:100000'],
            'fileNumber' => ['nullable', 'string', 'max:100'],
            'toldCount' => ['nullable', 'integer', 'min:0', 'max:100000'],
            'sourceClass' => ['nullable', 'in:unstated,original,derivative,authored'],
        ];
    }

    /**
     * @return array{kind?: string, locator?: string, date?: string, place?: string, fields?: array<string, string>,
     *     transcription?: string, fileNumber?: string, toldCount?: int|null, sourceClass?: string} what was said of the
     *     head; what was left out is missing
     */
    public function head(): array
    {
        return array_filter(
            ['kind' => $this->kind, 'locator' => $this->locator, 'date' => $this->date, 'place' => $this->place, 'fields' => $this->fields,
                'transcription' => $this->transcription, 'fileNumber' => $this->fileNumber, 'sourceClass' => $this->sourceClass],
            static fn (mixed $value): bool => $value !== null)
            + ['toldCount' => $this->toldCount];
    }
}
