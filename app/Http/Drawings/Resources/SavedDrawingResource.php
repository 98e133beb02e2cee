<?php

declare(strict_types=1);

namespace App\Http\Drawings\Resources;

use App\Http\Api\ListOf;
use App\Http\Api\MapOf;
use App\Http\Api\Shielded;
use App\Http\Drawings\Inputs\HandworkInput;
use OpenApi\Attributes as OA;

/** A saved drawing with the tree of today, and what is no more as it was when it was saved. */
#[OA\Schema]
final readonly class SavedDrawingResource
{
    /**
     * @param  list<string>  $subjects
     * @param  object  $options  words by name
     * @param  array<string, mixed>  $handwork
     * @param  list<string>  $came  names of those who are drawn since
     * @param  list<string>  $gone  names of those who are not drawn any more
     * @param  list<string>  $idle  names of those whose box was moved or who were hidden, and who are not in the drawing now
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $name,
        #[OA\Property] public string $kind,
        #[ListOf('string')] public array $subjects,
        #[MapOf] public object $options,
        #[OA\Property(type: 'object', ref: HandworkInput::class)] public array $handwork,
        #[OA\Property] public SceneResource $scene,
        #[Shielded] #[ListOf('string')] public array $came,
        #[OA\Property] public int $cameCount,
        #[Shielded] #[ListOf('string')] public array $gone,
        #[OA\Property] public int $goneCount,
        #[Shielded] #[ListOf('string')] public array $idle,
    ) {
    }
}
