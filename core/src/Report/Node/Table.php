<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Node;

/** Rows of cells under heads. */
final readonly class Table implements Block
{
    /**
     * @param  list<string>  $heads
     * @param  list<list<list<Words>>>  $rows
     */
    public function __construct(public string $caption, public array $heads, public array $rows)
    {
    }
}
