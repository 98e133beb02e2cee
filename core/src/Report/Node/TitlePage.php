<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Node;

/** The first page of a book. */
final readonly class TitlePage implements Block
{
    public function __construct(public string $title, public string $subtitle, public string $author, public string $day)
    {
    }
}
