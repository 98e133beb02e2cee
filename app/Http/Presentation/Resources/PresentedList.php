<?php

declare(strict_types=1);

namespace App\Http\Presentation\Resources;

use App\Http\Api\ListOf;
use NorthBough\Core\Presentation\Kinds;
use NorthBough\Core\Presentation\Presented;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class PresentedList
{
    /** @param  list<PresentedResource>  $kinds */
    public function __construct(#[ListOf(PresentedResource::class)] public array $kinds)
    {
    }

    /** @param  Kinds<Presented>  $kinds */
    public static function of(Kinds $kinds): self
    {
        return new self(array_map(PresentedResource::of(...), $kinds->classes));
    }
}
