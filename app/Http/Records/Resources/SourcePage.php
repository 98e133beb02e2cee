<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use App\Http\Api\ListOf;
use App\Http\Exchange\Resources\KeptLinesResource;
use App\Http\People\Resources\NoteResource;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class SourcePage
{
    /**
     * @param  list<RecordUse>  $records
     * @param  list<NoteResource>  $notes
     * @param  list<KeptLinesResource>  $kept  of the source, and of where it is held
     */
    public function __construct(
        #[OA\Property] public SourceResource $source,
        #[ListOf(RecordUse::class)] public array $records,
        #[ListOf(NoteResource::class)] public array $notes,
        #[OA\Property] public ?RepositoryResource $repository,
        #[ListOf(KeptLinesResource::class)] public array $kept,
    ) {
    }
}
