<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Node;

use NorthBough\Core\Citation\StyledWords;

/** Rows of cells under heads. */
final readonly class Table implements Block
{
    /**
     * @param  list<string>  $heads
     * @param  list<list<list<StyledWords>>>  $rows
     */
    public function __construct(public string $caption, public array $heads, public array $rows)
    {
    }
}
