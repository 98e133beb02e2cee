<?php

declare(strict_types=1);

namespace App\Http\Tree\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class KindResource
{
    /**
     * @param  list<string>  $traits  what it says of a life
     * @param  string  $sentence  how it tells itself, where the tree has words of its own for that
     */
    public function __construct(
        #[OA\Property] public string $code,
        #[OA\Property] public string $word,
        #[OA\Property] public bool $ofPerson,
        #[OA\Property] public bool $ofUnion,
        #[OA\Property] public bool $hasValue,
        #[OA\Property] public bool $single,
        #[ListOf('string')] public array $traits,
        #[OA\Property] public ?string $ownId = null,
        #[OA\Property] public int $version = 0,
        #[OA\Property] public string $sentence = '',
    ) {
    }
}
