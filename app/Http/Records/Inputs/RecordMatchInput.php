<?php

declare(strict_types=1);

namespace App\Http\Records\Inputs;

use App\Http\Api\ListOf;
use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class RecordMatchInput
{
    use ReadsRequest;

    /**
     * @param  list<array<string, mixed>>  $choices
     * @param  list<array<string, mixed>>|null  $lines  as they stand on the page, where they are not kept yet
     */
    public function __construct(
        #[ListOf(LineChoiceInput::class)] public array $choices = [],
        #[OA\Property(type: 'array', items: new OA\Items(ref: RollLineInput::class), nullable: true)] public ?array $lines = null,
        #[OA\Property] public ?string $date = null,
        #[OA\Property] public ?string $place = null,
        #[OA\Property] public ?int $toldCount = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            ...RollLineInput::rules(needed: false),
            'date' => ['nullable', 'string', 'max:200'],
            'place' => ['nullable', 'string', 'max:500'],
            'toldCount' => ['nullable', 'integer', 'min:0', 'max:100000'],
            ...LineChoiceInput::rules(),
        ];
    }
}
