<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Book;

/** A book as somebody put it together. */
final readonly class BoundBook
{
    /** @param  list<Chapter>  $chapters */
    public function __construct(public string $title, public string $subtitle, public string $author, public array $chapters)
    {
    }
}
