<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class LifeStripResource
{
    /**
     * @param  list<LifeStripMark>  $marks
     * @param  list<LifeStripYear>  $years
     */
    public function __construct(
        #[ListOf(LifeStripMark::class)] public array $marks,
        #[ListOf(LifeStripYear::class)] public array $years,
    ) {
    }
}
