<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Node;

/** The headings of a book with their pages. */
final readonly class Contents implements Block
{
    /** @param  list<Heading>  $headings  each with an anchor */
    public function __construct(public string $title, public array $headings)
    {
    }
}
