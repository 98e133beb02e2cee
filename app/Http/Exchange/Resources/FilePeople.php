<?php

declare(strict_types=1);

namespace App\Http\Exchange\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class FilePeople
{
    /** @param  list<FilePerson>  $people */
    public function __construct(#[ListOf(FilePerson::class)] public array $people)
    {
    }
}
