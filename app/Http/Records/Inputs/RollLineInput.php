<?php

declare(strict_types=1);

namespace App\Http\Records\Inputs;

use App\Http\Api\MapOf;
use App\Http\Pictures\Resources\ImageStrip;
use OpenApi\Attributes as OA;

/** One line of a roll as it is sent; checked with the record that it belongs to. */
#[OA\Schema]
final readonly class RollLineInput
{
    /** @param  array<string, string>|null  $columns */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property] public ?string $role = null,
        #[MapOf(nullable: true)] public ?array $columns = null,
        #[OA\Property] public ?ImageStrip $slip = null,
    ) {
    }

    /** @return array<string, list<string>> */
    public static function rules(bool $needed): array
    {
        return [
            'lines' => [$needed ? 'present' : 'nullable', 'array', 'max:2000'],
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
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $sent  checked
     * @return list<array{id: string, name: string, role: string, columns: array<string, string>, slip: array<string, mixed>|null}>
     */
    public static function lines(array $sent): array
    {
        $text = static fn (mixed $value): string => is_string($value) ? $value : '';

        return array_map(static fn (array $line): array => [
            'id' => $text($line['id'] ?? ''), 'name' => $text($line['name'] ?? ''), 'role' => $text($line['role'] ?? ''),
            'columns' => array_map($text, is_array($line['columns'] ?? null) ? $line['columns'] : []),
            'slip' => is_array($line['slip'] ?? null) ? $line['slip'] : null,
        ], $sent);
    }
}
