<?php

declare(strict_types=1);

namespace App\Http\Interpretation\Inputs;

use App\Http\Api\ReadsRequest;
use App\Refusal;
use NorthBough\Core\Chrono\DatingProblem;
use NorthBough\Core\Chrono\DatingSetting;
use OpenApi\Attributes as OA;

/** How dates are written; all empty takes away what was said. */
#[OA\Schema]
final readonly class DatingSettingInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $calendar = '',
        #[OA\Property] public string $yearStart = '',
        #[OA\Property] public string $until = '',
        #[OA\Property] public string $order = '',
        #[OA\Property] public string $hemisphere = '',
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'calendar' => ['nullable', 'string', 'max:12'],
            'yearStart' => ['nullable', 'string', 'max:12'],
            'until' => ['nullable', 'string', 'max:40'],
            'order' => ['nullable', 'string', 'max:3'],
            'hemisphere' => ['nullable', 'string', 'max:5'],
        ];
    }

    /**
     * @return array<string, string>|null null where nothing is said
     *
     * @throws Refusal when it cannot be
     */
    public function setting(): ?array
    {
        $setting = array_filter(get_object_vars($this), static fn (string $value): bool => trim($value) !== '');
        try {
            DatingSetting::of($setting);
        } catch (DatingProblem $problem) {
            throw new Refusal($problem->getMessage());
        }

        return $setting === [] ? null : $setting;
    }
}
