<?php

declare(strict_types=1);

namespace App\Http\Texts\Resources;

use OpenApi\Attributes as OA;

/** A record that can be cited in a text. */
#[OA\Schema]
final readonly class CallableRecord
{
    /** @param  string  $note  as its short note reads */
    public function __construct(#[OA\Property] public string $record, #[OA\Property] public string $note)
    {
    }
}
