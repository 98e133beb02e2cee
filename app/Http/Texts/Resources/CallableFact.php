<?php

declare(strict_types=1);

namespace App\Http\Texts\Resources;

use OpenApi\Attributes as OA;

/** A fact that can be called into a text, in each form in which it says something. */
#[OA\Schema]
final readonly class CallableFact
{
    /**
     * @param  string  $owner  id of the person or couple
     * @param  string  $of  of whom of a couple it is told; empty where it is nobody else's
     * @param  string  $says  what it is: Birth, 3 May 1818
     * @param  string  $clause  empty where it has nothing to say in that form; so for the others
     */
    public function __construct(
        #[OA\Property] public string $owner,
        #[OA\Property] public string $fact,
        #[OA\Property] public string $of,
        #[OA\Property] public string $says,
        #[OA\Property] public string $clause,
        #[OA\Property] public string $when,
        #[OA\Property] public string $where,
        #[OA\Property] public string $value,
    ) {
    }
}
