<?php

declare(strict_types=1);

namespace NorthBough\Core\Join;

use NorthBough\Core\Tree\Standing;

/** A name or a fact of one of two who are joined, and what becomes of it. */
final readonly class PlannedValue
{
    /**
     * @param  bool  $isName  a name, no fact
     * @param  bool  $isOfKept  it is of the one who stays
     * @param  string  $kind  the word of its kind: Birth; Name
     * @param  string  $says  what it says, on one line
     * @param  Standing  $standing  that it has afterwards
     * @param  string  $sameAs  id of the value that it is the same as; empty for every other fate
     * @param  string  $choice  what one of which leads is chosen together: the kind of event, or `name`; empty where nothing is chosen
     */
    public function __construct(
        public string $id,
        public bool $isName,
        public bool $isOfKept,
        public string $kind,
        public string $says,
        public Fate $fate,
        public Standing $standing,
        public string $sameAs = '',
        public string $choice = '',
    ) {
    }
}
