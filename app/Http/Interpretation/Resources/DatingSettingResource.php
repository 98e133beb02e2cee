<?php

declare(strict_types=1);

namespace App\Http\Interpretation\Resources;

use NorthBough\Core\Chrono\DatingSetting;
use OpenApi\Attributes as OA;

/** How dates are written: what was said, and the same in words. */
#[OA\Schema]
final readonly class DatingSettingResource
{
    public function __construct(
        #[OA\Property] public string $calendar,
        #[OA\Property] public string $yearStart,
        #[OA\Property] public string $until,
        #[OA\Property] public string $order,
        #[OA\Property] public string $hemisphere,
        #[OA\Property] public string $words,
    ) {
    }

    /** @param  array<string, string>|null  $setting */
    public static function of(?array $setting): self
    {
        $setting ??= [];

        return new self($setting['calendar'] ?? '', $setting['yearStart'] ?? '', $setting['until'] ?? '', $setting['order'] ?? '',
            $setting['hemisphere'] ?? '',
            $setting === [] ? '' : DatingSetting::of($setting)->inWords());
    }
}
