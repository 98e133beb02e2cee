<?php

declare(strict_types=1);

namespace App\Http\Exchange\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class RunResource
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property(enum: ['import', 'look', 'copy', 'export', 'doubles', 'joins', 'report'])] public string $kind,
        #[OA\Property] public string $title,
        #[OA\Property] public string $state,
        #[OA\Property] public int $percent,
        #[OA\Property] public string $said,
        #[OA\Property] public string $treeId,
        #[OA\Property] public bool $asksAgain,
        #[OA\Property(description: 'where a file was looked at')] public ?FilePreviewResource $look,
    ) {
    }
}
