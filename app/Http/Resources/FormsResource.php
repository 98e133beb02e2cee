<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** A source in its three forms while it is written, and those much like it. */
#[OA\Schema]
final readonly class FormsResource
{
    /**
     * @param  list<WordsResource>  $full
     * @param  list<WordsResource>  $short
     * @param  list<WordsResource>  $bibliography
     * @param  list<LikeSource>  $like
     */
    public function __construct(
        #[ListOf(WordsResource::class)] public array $full,
        #[ListOf(WordsResource::class)] public array $short,
        #[ListOf(WordsResource::class)] public array $bibliography,
        #[ListOf(LikeSource::class)] public array $like,
    ) {
    }
}
