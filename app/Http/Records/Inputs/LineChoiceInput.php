<?php

declare(strict_types=1);

namespace App\Http\Records\Inputs;

use App\Http\Api\ListOf;
use App\Trees\Records\LineChoice;
use OpenApi\Attributes as OA;

/** What somebody decided of one line, as it is sent; checked with the rest. */
#[OA\Schema]
final readonly class LineChoiceInput
{
    /**
     * @param  list<string>  $declined
     * @param  list<string>  $wanted
     */
    public function __construct(
        #[OA\Property] public string $lineId,
        #[OA\Property(enum: LineChoice::ALL)] public string $as,
        #[OA\Property] public ?string $personId = null,
        #[OA\Property] public ?string $reason = null,
        #[ListOf('string')] public array $declined = [],
        #[ListOf('string')] public array $wanted = [],
    ) {
    }

    /** @return array<string, list<string>> */
    public static function rules(): array
    {
        return [
            'choices' => ['present', 'array', 'max:2000'],
            'choices.*.lineId' => ['required', 'uuid'],
            'choices.*.as' => ['required', 'in:placed,new,unplaced,aside'],
            'choices.*.personId' => ['nullable', 'required_if:choices.*.as,placed', 'uuid'],
            'choices.*.reason' => ['nullable', 'string', 'max:2000'],
            'choices.*.declined' => ['nullable', 'array', 'max:200'],
            'choices.*.declined.*' => ['string', 'max:300'],
            'choices.*.wanted' => ['nullable', 'array', 'max:200'],
            'choices.*.wanted.*' => ['string', 'max:300'],
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $sent  checked
     * @return list<LineChoice>
     */
    public static function choices(array $sent): array
    {
        $text = static fn (mixed $value): string => is_string($value) ? $value : '';
        $list = static fn (mixed $value): array => array_values(array_filter(is_array($value) ? $value : [], is_string(...)));

        return array_map(static fn (array $choice): LineChoice => new LineChoice(
            $text($choice['lineId'] ?? ''), $text($choice['as'] ?? ''), $text($choice['personId'] ?? ''), $text($choice['reason'] ?? ''),
            $list($choice['declined'] ?? []), $list($choice['wanted'] ?? []),
        ), $sent);
    }
}
