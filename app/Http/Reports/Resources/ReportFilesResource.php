<?php

declare(strict_types=1);

namespace App\Http\Reports\Resources;

use App\Http\Api\ListOf;
use App\Http\Exchange\Resources\RunResource;
use OpenApi\Attributes as OA;

/** The file that somebody has made of a report in the background, how far it has come, or what came of it; none or one. */
#[OA\Schema]
final readonly class ReportFilesResource
{
    /** @param  list<RunResource>  $runs */
    public function __construct(#[ListOf(RunResource::class)] public array $runs)
    {
    }
}
