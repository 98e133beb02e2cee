<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use App\Http\Api\ListOf;
use App\Http\Api\MapOf;
use App\Http\Pictures\Resources\ImageResource;
use OpenApi\Attributes as OA;

/** One record, ready for the reading table. */
#[OA\Schema]
final readonly class RecordResource
{
    /**
     * @param  list<StyledText>  $shortNote
     * @param  list<RollLineResource>  $lines
     * @param  list<ImageResource>  $images
     * @param  list<SourceFieldResource>  $asked  what the kind of source asks of each record
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[OA\Property] public string $sourceId,
        #[OA\Property] public string $sourceTitle,
        #[ListOf(StyledText::class)] public array $shortNote,
        #[OA\Property] public RecordKindResource $kind,
        #[OA\Property] public string $locator,
        #[OA\Property] public string $date,
        #[OA\Property] public string $understood,
        #[OA\Property] public string $place,
        #[MapOf] public object $fields,
        #[OA\Property] public string $transcription,
        #[OA\Property] public string $fileNumber,
        #[OA\Property] public ?int $toldCount,
        #[OA\Property] public string $sourceClass,
        #[OA\Property] public bool $lookAgain,
        #[ListOf(RollLineResource::class)] public array $lines,
        #[ListOf(ImageResource::class)] public array $images,
        #[OA\Property] public ?DraftResource $draft,
        #[OA\Property] public int $unplaced,
        #[ListOf(SourceFieldResource::class)] public array $asked,
    ) {
    }
}
