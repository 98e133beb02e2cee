<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** A kind of record: its head, its columns, its roles. */
#[OA\Schema]
final readonly class RecordKindResource
{
    /**
     * @param  list<ColumnResource>  $heads
     * @param  list<ColumnResource>  $columns
     * @param  list<RollRoleResource>  $roles
     */
    public function __construct(
        #[OA\Property] public string $code,
        #[OA\Property] public string $name,
        #[OA\Property] public string $words,
        #[OA\Property] public bool $isOwn,
        #[OA\Property] public bool $isTall,
        #[OA\Property] public string $telling,
        #[OA\Property] public string $event,
        #[ListOf(ColumnResource::class)] public array $heads,
        #[ListOf(ColumnResource::class)] public array $columns,
        #[ListOf(RollRoleResource::class)] public array $roles,
        #[OA\Property] public int $version,
        /** The kind in the open form in which it is shared, as JSON. */
        #[OA\Property] public string $template,
    ) {
    }
}
