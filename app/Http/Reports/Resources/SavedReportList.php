<?php

declare(strict_types=1);

namespace App\Http\Reports\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class SavedReportList
{
    /** @param  list<SavedReportResource>  $reports  by name */
    public function __construct(#[ListOf(SavedReportResource::class)] public array $reports)
    {
    }
}
