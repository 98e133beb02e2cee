<?php

declare(strict_types=1);

namespace NorthBough\Core\Report;

use NorthBough\Core\Report\Node\Block;

/** What a report says, apart from how it is set. */
final readonly class Document
{
    /** @param  list<Block>  $blocks */
    public function __construct(public string $title, public string $footer, public array $blocks)
    {
    }
}
