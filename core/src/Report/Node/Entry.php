<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Node;

use NorthBough\Core\Citation\StyledWords;

/** A line that hangs by the number or sign at its head, such as a child in a list of children. */
final readonly class Entry implements Block
{
    /**
     * @param  string  $mark  what hangs: a number, "ii.", nothing
     * @param  list<StyledWords>  $words
     * @param  int<0, max>  $depth  how far it is set in
     * @param  string  $anchor  by which links lead to it; empty where none does
     * @param  bool  $leads  what follows is not parted from it by the end of a page
     */
    public function __construct(
        public string $mark,
        public array $words,
        public int $depth = 0,
        public string $anchor = '',
        public bool $leads = false,
    ) {
    }
}
