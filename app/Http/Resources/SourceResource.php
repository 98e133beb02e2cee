<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Http\Api\ListOf;
use App\Http\Api\MapOf;
use OpenApi\Attributes as OA;
use stdClass;

#[OA\Schema]
final readonly class SourceResource
{
    /**
     * @param  list<WordsResource>  $fullNote
     * @param  list<WordsResource>  $shortNote
     * @param  list<WordsResource>  $bibliography
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $title,
        #[OA\Property] public string $author,
        #[OA\Property] public string $publication,
        #[OA\Property] public string $callNumber,
        #[OA\Property] public string $repository,
        #[OA\Property] public int $citations,
        #[ListOf(WordsResource::class)] public array $fullNote,
        #[ListOf(WordsResource::class)] public array $shortNote,
        #[ListOf(WordsResource::class)] public array $bibliography,
        #[OA\Property] public ReckoningResource $reckoning,
        #[OA\Property] public string $kind,
        #[MapOf] public stdClass $fields,
        #[OA\Property] public string $listName,
    ) {
    }
}
