<?php

declare(strict_types=1);

namespace App\Http\Tree\Inputs;

use App\Http\Api\ReadsRequest;
use Illuminate\Validation\Rule;
use NorthBough\Core\Naming\Custom\NamingCustom;
use NorthBough\Core\Naming\Custom\NamingCustoms;
use NorthBough\Core\Tree\MarriedCustom;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class TreeInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public ?string $name = null,
        #[OA\Property] public ?string $centrePersonId = null,
        #[OA\Property] public ?int $deadYearsAfterBirth = null,
        #[OA\Property] public ?int $deadYearsAfterAdultEvent = null,
        #[OA\Property] public ?bool $readersSeeLiving = null,
        #[OA\Property] public ?string $surnameCustom = null,
        #[OA\Property] public ?string $marriedCustom = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'name' => ['string', 'min:1', 'max:200'],
            'centrePersonId' => ['uuid'],
            'deadYearsAfterBirth' => ['integer', 'min:90', 'max:150'],
            'deadYearsAfterAdultEvent' => ['integer', 'min:70', 'max:150'],
            'readersSeeLiving' => ['boolean'],
            'surnameCustom' => [Rule::in(array_map(static fn (NamingCustom $custom): string => $custom->code(), NamingCustoms::all()))],
            'marriedCustom' => [Rule::enum(MarriedCustom::class)],
        ];
    }
}
