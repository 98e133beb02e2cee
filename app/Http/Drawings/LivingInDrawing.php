<?php

declare(strict_types=1);

namespace App\Http\Drawings;

use App\Trees\Access\LivingPeople;
use NorthBough\Core\Drawing\Scene\HitArea;
use NorthBough\Core\Drawing\Scene\Scene;

/** Who in a drawing counts as living: whoever takes it out as a file looks at them first. */
final readonly class LivingInDrawing
{
    public function __construct(private LivingPeople $living)
    {
    }

    /** @return array<string, true> by id */
    public function drawing(Scene $scene): array
    {
        $ids = array_values(array_unique(array_map(static fn (HitArea $area): string => $area->personId, $scene->people())));

        return array_fill_keys($this->living->among($ids), true);
    }
}
