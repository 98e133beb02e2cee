<?php

declare(strict_types=1);

namespace App\Http\Texts\Resources;

use OpenApi\Attributes as OA;

/** A fact that a text tells in one form. */
#[OA\Schema]
final readonly class CalledFact
{
    /**
     * @param  string  $of  of whom of a couple it is told; empty for the first of them
     * @param  string  $today  in which words it would be told today; empty where it says nothing of that
     * @param  bool  $isThere  whether the fact is still in the tree
     */
    public function __construct(
        #[OA\Property] public string $fact,
        #[OA\Property(enum: ['clause', 'when', 'where', 'value'])] public string $form,
        #[OA\Property] public string $of,
        #[OA\Property] public string $today,
        #[OA\Property] public bool $isThere,
    ) {
    }
}
