<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use NorthBough\Core\Citation\SourceField;
use OpenApi\Attributes as OA;

/** A field of a kind of source. */
#[OA\Schema]
final readonly class SourceFieldResource
{
    public function __construct(
        #[OA\Property] public string $code,
        #[OA\Property] public string $label,
        #[OA\Property] public string $hint,
        #[OA\Property] public string $example,
        #[OA\Property] public string $kind,
        #[OA\Property] public string $tag,
        #[OA\Property] public bool $isOfRecord,
        #[OA\Property] public string $onlyWith,
    ) {
    }

    public static function of(SourceField $field): self
    {
        return new self($field->code, $field->label, $field->hint, $field->example, $field->kind->value, $field->tag, $field->isOfRecord,
            $field->onlyWith);
    }
}
