<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Node;

final readonly class Paragraph implements Block
{
    /** @param  list<Words>  $words */
    public function __construct(public array $words)
    {
    }
}
