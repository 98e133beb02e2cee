<?php

declare(strict_types=1);

namespace App\Http\Inputs;

use App\Http\Api\ListOf;
use App\Http\Api\MapOf;
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
            'version' => ['required', 'integer'],
            'lines' => ['present', 'array', 'max:2000'],
            'lines.*.id' => ['required', 'uuid'],
            'lines.*.name' => ['present', 'nullable', 'string', 'max:500'],
            'lines.*.role' => ['nullable', 'string', 'max:40'],
            'lines.*.columns' => ['nullable', 'array', 'max:60'],
            'lines.*.columns.*' => ['nullable', 'string', 'max:5000'],
            'lines.*.slip' => ['nullable', 'array'],
            'lines.*.slip.image' => ['required_with:lines.*.slip', 'uuid'],
            'lines.*.slip.page' => ['required_with:lines.*.slip', 'integer', 'min:0'],
            'lines.*.slip.left' => ['required_with:lines.*.slip', 'numeric'],
            'lines.*.slip.top' => ['required_with:lines.*.slip', 'numeric'],
            'lines.*.slip.width' => ['required_with:lines.*.slip', 'numeric'],
            'lines.*.slip.height' => ['required_with:lines.*.slip', 'numeric'],
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

    /** @return array{kind?: string, locator?: string, date?: string, place?: string, fields?: array<string, string>, transcription?: string, fileNumber?: string, toldCount?: int|null, sourceClass?: string} what was said of the head; what was left out is missing */
    public function head(): array
    {
        return array_filter(['kind' => $this->kind, 'locator' => $this->locator, 'date' => $this->date, 'place' => $this->place, 'fields' => $this->fields,
            'transcription' => $this->transcription, 'fileNumber' => $this->fileNumber, 'sourceClass' => $this->sourceClass], static fn (mixed $said): bool => $said !== null)
            + ['toldCount' => $this->toldCount];
    }

    /** @return list<array{id: string, name: string, role: string, columns: array<string, string>, slip: array<string, mixed>|null}> */
    public function lines(): array
    {
        $text = static fn (mixed $value): string => is_string($value) ? $value : '';

        return array_map(static fn (array $line): array => [
            'id' => $text($line['id'] ?? ''), 'name' => $text($line['name'] ?? ''), 'role' => $text($line['role'] ?? ''),
            'columns' => array_map($text, is_array($line['columns'] ?? null) ? $line['columns'] : []), 'slip' => is_array($line['slip'] ?? null) ? $line['slip'] : null,
        ], $this->lines);
    }
}
