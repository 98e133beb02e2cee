<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class LifelineResource
{
    /**
     * @param  list<LifelineMark>  $marks
     * @param  list<LifelineYear>  $years
     */
    public function __construct(
        #[ListOf(LifelineMark::class)] public array $marks,
        #[ListOf(LifelineYear::class)] public array $years,
    ) {
    }
}
