<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Node;

use NorthBough\Core\Citation\StyledWords;

final readonly class Heading implements Block
{
    /**
     * @param  int<1, 3>  $level
     * @param  list<StyledWords>  $words
     */
    public function __construct(public int $level, public array $words)
    {
    }
}
