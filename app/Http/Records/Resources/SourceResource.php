<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use App\Http\Api\ListOf;
use App\Http\Api\MapOf;
use App\Http\Interpretation\Resources\DatingSettingResource;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class SourceResource
{
    /**
     * @param  list<StyledText>  $fullNote
     * @param  list<StyledText>  $shortNote
     * @param  list<StyledText>  $bibliography
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
        #[ListOf(StyledText::class)] public array $fullNote,
        #[ListOf(StyledText::class)] public array $shortNote,
        #[ListOf(StyledText::class)] public array $bibliography,
        #[OA\Property] public DatingSettingResource $reckoning,
        #[OA\Property] public string $kind,
        #[MapOf] public object $fields,
        #[OA\Property] public string $listName,
    ) {
    }
}
