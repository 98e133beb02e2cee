<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Records;

use NorthBough\Core\Tree\CitedSource;

/** A source in a list of them. */
final readonly class ListedSource
{
    /** @param  int  $citations  how many claims were made from its records */
    public function __construct(public CitedSource $source, public string $callNumber, public int $citations)
    {
    }
}
