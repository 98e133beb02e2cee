<?php

declare(strict_types=1);

namespace App\Http\Research\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class TaskList
{
    /** @param  list<TaskResource>  $tasks */
    public function __construct(
        #[ListOf(TaskResource::class)] public array $tasks,
    ) {
    }
}
