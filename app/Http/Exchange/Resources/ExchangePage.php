<?php

declare(strict_types=1);

namespace App\Http\Exchange\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ExchangePage
{
    /**
     * @param  list<RunResource>  $runs
     * @param  list<ImportResource>  $imports
     */
    public function __construct(
        #[ListOf(RunResource::class)] public array $runs,
        #[ListOf(ImportResource::class)] public array $imports,
    ) {
    }
}
