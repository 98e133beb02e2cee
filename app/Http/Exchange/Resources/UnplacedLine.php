<?php

declare(strict_types=1);

namespace App\Http\Exchange\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class UnplacedLine
{
    public function __construct(
        #[OA\Property] public int $line,
        #[OA\Property] public string $text,
        #[OA\Property] public string $why,
    ) {
    }
}
