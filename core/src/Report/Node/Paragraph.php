<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Node;

use NorthBough\Core\Citation\StyledWords;

final readonly class Paragraph implements Block
{
    /** @param  list<StyledWords>  $words */
    public function __construct(public array $words)
    {
    }
}
