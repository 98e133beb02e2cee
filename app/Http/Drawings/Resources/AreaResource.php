<?php

declare(strict_types=1);

namespace App\Http\Drawings\Resources;

use App\Http\Api\ListOf;
use App\Http\Api\Shielded;
use NorthBough\Core\Drawing\Scene\HitArea;
use OpenApi\Attributes as OA;

/** A person as they are drawn, or words that lead on; `gesture` says what choosing it does. */
#[OA\Schema]
final readonly class AreaResource
{
    /**
     * @param  list<RuleResource>  $rules
     * @param  list<TextResource>  $texts
     * @param  list<SetPictureResource>  $pictures
     * @param  list<float>  $outline  x, y, x, y … where it is no rectangle
     */
    public function __construct(
        #[OA\Property(enum: ['open', 'bring parents', 'bring children', 'bring partners'])] public string $gesture,
        #[OA\Property] public string $personId,
        #[OA\Property] public int $number,
        #[OA\Property] public float $x,
        #[OA\Property] public float $y,
        #[OA\Property] public float $width,
        #[OA\Property] public float $height,
        #[Shielded] #[OA\Property] public string $title,
        #[OA\Property] public string $aloud,
        #[ListOf(RuleResource::class)] public array $rules,
        #[ListOf(TextResource::class)] public array $texts,
        #[ListOf('number')] public array $outline,
        #[OA\Property] public bool $isByHand,
        #[OA\Property] public bool $isLiving,
        #[ListOf(SetPictureResource::class)] public array $pictures,
    ) {
    }

    /** @param  array<string, true>  $living  who counts as living, by id */
    public static function of(HitArea $area, array $living): self
    {
        return new self($area->gesture->value, $area->personId, $area->number, $area->x, $area->y, $area->width, $area->height,
            $area->title, $area->aloud, array_map(RuleResource::of(...), $area->rules), array_map(TextResource::of(...), $area->texts),
            array_merge(...$area->outline), $area->isByHand, isset($living[$area->personId]), array_map(SetPictureResource::of(...),
                $area->pictures));
    }
}
