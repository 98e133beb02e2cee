<?php

declare(strict_types=1);

namespace App\Http\Drawings\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class SavedDrawingList
{
    /** @param  list<SavedDrawingLine>  $drawings  by name */
    public function __construct(#[ListOf(SavedDrawingLine::class)] public array $drawings)
    {
    }
}
