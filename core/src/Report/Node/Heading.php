<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Node;

final readonly class Heading implements Block
{
    /**
     * @param  int<1, 3>  $level
     * @param  list<Words>  $words
     */
    public function __construct(public int $level, public array $words)
    {
    }
}
