<?php

declare(strict_types=1);

namespace App\Http\Texts\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** Notes that came with a file and wait to be summed up in a text: the first people by name, and how many there are. */
#[OA\Schema]
final readonly class WaitingNotes
{
    /** @param  list<WaitingPerson>  $people */
    public function __construct(#[ListOf(WaitingPerson::class)] public array $people, #[OA\Property] public int $total)
    {
    }
}
