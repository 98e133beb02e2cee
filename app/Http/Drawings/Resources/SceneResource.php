<?php

declare(strict_types=1);

namespace App\Http\Drawings\Resources;

use App\Http\Api\ListOf;
use App\Http\Api\Shielded;
use NorthBough\Core\Drawing\Scene\HitArea;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Drawing\Scene\StrokeStyle;
use NorthBough\Core\Drawing\Scene\TextStyle;
use OpenApi\Attributes as OA;

/** All that the page needs to paint a drawing, with the styles that its strokes and texts name. */
#[OA\Schema]
final readonly class SceneResource
{
    /**
     * @param  list<PathResource>  $paths
     * @param  list<AreaResource>  $areas
     * @param  list<TextResource>  $texts  of nobody
     * @param  list<SetPictureResource>  $pictures
     * @param  list<StrokeStyleResource>  $strokeStyles
     * @param  list<TextStyleResource>  $textStyles
     */
    public function __construct(
        #[Shielded] #[OA\Property] public string $title,
        #[OA\Property] public float $width,
        #[OA\Property] public float $height,
        #[ListOf(PathResource::class)] public array $paths,
        #[ListOf(AreaResource::class)] public array $areas,
        #[ListOf(TextResource::class)] public array $texts,
        #[ListOf(SetPictureResource::class)] public array $pictures,
        #[Shielded] #[OA\Property] public string $legend,
        #[ListOf(StrokeStyleResource::class)] public array $strokeStyles,
        #[ListOf(TextStyleResource::class)] public array $textStyles,
    ) {
    }

    /** @param  array<string, true>  $living  who of it counts as living, by id */
    public static function of(Scene $scene, array $living): self
    {
        return new self($scene->title, $scene->width, $scene->height, array_map(PathResource::of(...), $scene->paths),
            array_map(static fn (HitArea $area): AreaResource => AreaResource::of($area, $living), $scene->areas),
            array_map(TextResource::of(...), $scene->texts),
            array_map(SetPictureResource::of(...), $scene->pictures), $scene->foot->words,
            array_map(StrokeStyleResource::of(...), StrokeStyle::cases()), array_map(TextStyleResource::of(...), TextStyle::cases()));
    }
}
