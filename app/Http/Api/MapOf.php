<?php

declare(strict_types=1);

namespace App\Http\Api;

use Attribute;
use OpenApi\Attributes as OA;

/** A property that is a map of strings by a code. An empty one is an object too: give it as one. */
#[Attribute(Attribute::TARGET_PROPERTY | Attribute::TARGET_PARAMETER)]
final class MapOf extends OA\Property
{
    public function __construct(string $of = 'string', bool $nullable = false)
    {
        parent::__construct(type: 'object', additionalProperties: new OA\AdditionalProperties(type: $of), nullable: $nullable ?: null);
    }
}
