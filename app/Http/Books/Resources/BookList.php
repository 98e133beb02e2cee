<?php

declare(strict_types=1);

namespace App\Http\Books\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class BookList
{
    /** @param  list<BookResource>  $books */
    public function __construct(#[ListOf(BookResource::class)] public array $books)
    {
    }
}
