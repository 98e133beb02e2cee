<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** What a move would change, in sentences. */
#[OA\Schema]
final readonly class MovePreview
{
    /** @param  list<string>  $says */
    public function __construct(
        #[ListOf('string')] public array $says,
    ) {
    }
}
