<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use App\Http\Api\MapOf;
use OpenApi\Attributes as OA;

/** One line of a roll, read: what stands beside a value is under its code with `~` (the ditto as written) or `?` (other readings). */
#[OA\Schema]
final readonly class TranscribedLine
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[MapOf] public object $columns,
    ) {
    }
}
