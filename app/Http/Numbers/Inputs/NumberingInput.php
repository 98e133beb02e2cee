<?php

declare(strict_types=1);

namespace App\Http\Numbers\Inputs;

use App\Http\Api\ListOf;
use App\Http\Api\ReadsRequest;
use Illuminate\Validation\Rule;
use NorthBough\Core\Kin\Numbering\Numbering;
use OpenApi\Attributes as OA;

/** By what everybody is to be numbered for whoever asks; nothing with an empty system. */
#[OA\Schema]
final readonly class NumberingInput
{
    use ReadsRequest;

    /** @param  list<string>  $personIds whom it begins with, and the partner where only their children together count */
    public function __construct(
        #[OA\Property] public string $system = '',
        #[ListOf('string')] public array $personIds = [],
        #[OA\Property] public bool $adopted = true,
        #[OA\Property] public bool $step = false,
        #[OA\Property] public bool $unproved = true,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'system' => ['present', 'nullable', Rule::in(['', ...array_keys(Numbering::systems())])],
            'personIds' => ['array', 'max:2', 'required_unless:system,'],
            'personIds.*' => ['uuid', 'distinct'],
            'adopted' => ['boolean'],
            'step' => ['boolean'],
            'unproved' => ['boolean'],
        ];
    }
}
