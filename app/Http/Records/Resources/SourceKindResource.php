<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** A kind of source: its fields, and its three forms as they are written. */
#[OA\Schema]
final readonly class SourceKindResource
{
    /**
     * @param  list<string>  $where
     * @param  list<string>  $form
     * @param  list<SourceFieldResource>  $fields
     * @param  list<FormPart>  $gaps
     * @param  list<string>  $remarks
     */
    public function __construct(
        #[OA\Property] public string $code,
        #[OA\Property] public string $name,
        #[OA\Property] public string $words,
        #[OA\Property] public string $what,
        #[ListOf('string')] public array $where,
        #[ListOf('string')] public array $form,
        #[OA\Property] public bool $isOwn,
        #[OA\Property] public int $version,
        #[ListOf(SourceFieldResource::class)] public array $fields,
        #[OA\Property] public string $full,
        #[OA\Property] public string $short,
        #[OA\Property] public string $bibliography,
        #[ListOf(FormPart::class)] public array $gaps,
        #[ListOf('string')] public array $remarks,
    ) {
    }
}
