<?php

declare(strict_types=1);

namespace App\Http\Exchange\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** How some lines of a file read in one encoding. */
#[OA\Schema]
final readonly class EncodingSample
{
    /** @param  list<string>  $lines */
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property(description: 'lines with letters that stand in no word')] public int $odd,
        #[ListOf('string')] public array $lines,
    ) {
    }
}
