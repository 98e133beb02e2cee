<?php

declare(strict_types=1);

namespace App\Http\Account\Inputs;

use App\Http\Api\ReadsRequest;
use Illuminate\Validation\Rule;
use NorthBough\Core\Chrono\DateStyle;
use NorthBough\Core\Naming\MarriedName;
use NorthBough\Core\Naming\NameOrder;
use OpenApi\Attributes as OA;

/** How a reader wants names and dates to be shown. */
#[OA\Schema]
final readonly class DisplayPreferencesInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $order,
        #[OA\Property] public string $capitals,
        #[OA\Property] public string $married,
        #[OA\Property] public string $dates,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'order' => ['required', Rule::enum(NameOrder::class)],
            'capitals' => ['required', Rule::in(['yes', 'no'])],
            'married' => ['required', Rule::enum(MarriedName::class)],
            'dates' => ['required', Rule::enum(DateStyle::class)],
        ];
    }
}
