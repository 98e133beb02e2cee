<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** A source in its three forms while it is written, and those much like it. */
#[OA\Schema]
final readonly class FormsResource
{
    /**
     * @param  list<StyledText>  $full
     * @param  list<StyledText>  $short
     * @param  list<StyledText>  $bibliography
     * @param  list<SimilarSource>  $like
     */
    public function __construct(
        #[ListOf(StyledText::class)] public array $full,
        #[ListOf(StyledText::class)] public array $short,
        #[ListOf(StyledText::class)] public array $bibliography,
        #[ListOf(SimilarSource::class)] public array $like,
    ) {
    }
}
