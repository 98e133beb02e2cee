<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Node;

/** A chapter: its anchors are its own, whatever those of other chapters are called. */
final readonly class Section implements Block
{
    /**
     * @param  string  $name  that tells its anchors from those of others
     * @param  list<Block>  $blocks
     */
    public function __construct(public string $name, public array $blocks)
    {
    }
}
