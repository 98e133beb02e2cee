<?php

declare(strict_types=1);

namespace App\Http\Drawings\Resources;

use App\Http\Api\ListOf;
use NorthBough\Core\Drawing\Scene\Path;
use OpenApi\Attributes as OA;

/** `points` is x, y, x, y … */
#[OA\Schema]
final readonly class PathResource
{
    /**
     * @param  list<float>  $points
     * @param  list<string>  $personIds
     */
    public function __construct(
        #[ListOf('number')] public array $points,
        #[OA\Property] public string $style,
        #[ListOf('string')] public array $personIds,
    ) {
    }

    public static function of(Path $path): self
    {
        return new self(array_merge(...$path->points), $path->style->value, $path->personIds);
    }
}
