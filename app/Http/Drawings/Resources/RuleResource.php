<?php

declare(strict_types=1);

namespace App\Http\Drawings\Resources;

use NorthBough\Core\Drawing\Scene\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class RuleResource
{
    public function __construct(
        #[OA\Property] public float $fromX,
        #[OA\Property] public float $fromY,
        #[OA\Property] public float $toX,
        #[OA\Property] public float $toY,
        #[OA\Property] public string $style,
    ) {
    }

    public static function of(Rule $rule): self
    {
        return new self($rule->fromX, $rule->fromY, $rule->toX, $rule->toY, $rule->style->value);
    }
}
