<?php

declare(strict_types=1);

namespace App\Http\Api;

use Attribute;
use OpenApi\Attributes as OA;

/** A property that is a list of another schema, or of strings or numbers. */
#[Attribute(Attribute::TARGET_PROPERTY | Attribute::TARGET_PARAMETER)]
final class ListOf extends OA\Property
{
    public function __construct(string $of)
    {
        $items = in_array($of, ['string', 'number', 'integer'], true) ? new OA\Items(type: $of) : new OA\Items(ref: $of);
        parent::__construct(type: 'array', items: $items);
    }
}
