<?php

declare(strict_types=1);

namespace NorthBough\Core\Prose;

/** A paragraph, a heading, an item of a list. */
final readonly class ProseBlock
{
    /**
     * @param  int  $level  of a heading, from 1; of an item, how deep its list lies, from 1
     * @param  list<ProsePart>  $parts
     */
    public function __construct(public BlockKind $kind, public int $level, public array $parts)
    {
    }
}
