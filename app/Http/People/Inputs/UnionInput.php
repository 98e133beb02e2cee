<?php

declare(strict_types=1);

namespace App\Http\People\Inputs;

use App\Http\Api\ReadsRequest;
use Illuminate\Validation\Rule;
use NorthBough\Core\Naming\Custom\NamingCustom;
use NorthBough\Core\Naming\Custom\NamingCustoms;
use OpenApi\Attributes as OA;

/** What is left out stays. `kind` is in one's own words; an empty `surnameCustom` is that of the tree. */
#[OA\Schema]
final readonly class UnionInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public int $version,
        #[OA\Property] public ?string $kind = null,
        #[OA\Property] public ?string $surnameCustom = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'kind' => ['nullable', 'string', 'max:40'],
            'surnameCustom' => ['nullable', 'string',
                Rule::in(['', ...array_map(static fn (NamingCustom $custom): string => $custom->code(), NamingCustoms::all())])],
        ];
    }
}
