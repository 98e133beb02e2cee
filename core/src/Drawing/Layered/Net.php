<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Layered;

/**
 * What is joined between one layer and the next: parents with their children, or two ends of a line that passes a layer
 * by.
 */
final readonly class Net
{
    /**
     * @param  int  $gap  between this layer and the next
     * @param  list<int>  $tops  nodes of the upper layer
     * @param  list<int>  $bottoms  nodes of the lower one; none of a couple without children drawn
     */
    public function __construct(public int $gap, public array $tops, public array $bottoms)
    {
    }
}
