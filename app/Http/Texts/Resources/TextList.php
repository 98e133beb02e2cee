<?php

declare(strict_types=1);

namespace App\Http\Texts\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class TextList
{
    /** @param  list<TextLine>  $texts */
    public function __construct(#[ListOf(TextLine::class)] public array $texts)
    {
    }
}
