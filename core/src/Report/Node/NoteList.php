<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Node;

use NorthBough\Core\Citation\StyledWords;

/** The numbered notes of a document, in order from 1. */
final readonly class NoteList implements Block
{
    /**
     * @param  list<list<StyledWords>>  $notes
     * @param  int<1, 4>  $level  of its heading, by which links lead to it as to "notes"
     */
    public function __construct(public string $title, public array $notes, public int $level = 2)
    {
    }
}
