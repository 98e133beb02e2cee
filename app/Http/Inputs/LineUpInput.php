<?php

declare(strict_types=1);

namespace App\Http\Inputs;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class LineUpInput
{
    use ReadsRequest;

    /** @param  list<array<string, mixed>>  $choices */
    public function __construct(
        #[ListOf(LineChoiceInput::class)] public array $choices = [],
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'choices' => ['present', 'array', 'max:2000'],
            'choices.*.lineId' => ['required', 'uuid'],
            'choices.*.as' => ['required', 'in:placed,new,unplaced,aside'],
            'choices.*.personId' => ['nullable', 'uuid'],
            'choices.*.reason' => ['nullable', 'string', 'max:2000'],
            'choices.*.declined' => ['nullable', 'array', 'max:200'],
            'choices.*.declined.*' => ['string', 'max:300'],
            'choices.*.wanted' => ['nullable', 'array', 'max:200'],
            'choices.*.wanted.*' => ['string', 'max:300'],
        ];
    }
}
