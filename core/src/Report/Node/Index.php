<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Node;

/** Where in a book each person or place is named. */
final readonly class Index implements Block
{
    /**
     * @param  string  $style  of the words that are listed: person or place
     * @param  array<string, string>  $entries  what is printed of each, by the key of its words, in their order
     */
    public function __construct(public string $title, public string $style, public array $entries)
    {
    }
}
