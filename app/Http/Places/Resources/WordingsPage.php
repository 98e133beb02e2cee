<?php

declare(strict_types=1);

namespace App\Http\Places\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** Words that stand for no place yet, those used most first. */
#[OA\Schema]
final readonly class WordingsPage
{
    /**
     * @param  list<WordingResource>  $rows
     */
    public function __construct(
        #[ListOf(WordingResource::class)] public array $rows,
        #[OA\Property] public int $total,
    ) {
    }
}
