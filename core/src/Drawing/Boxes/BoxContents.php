<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Boxes;

use NorthBough\Core\Presentation\Option;

/** What a box holds besides the name. */
final readonly class BoxContents
{
    /** @param  list<BoxLine>  $lines */
    public function __construct(
        #[Option('In a box', 'What the lines beneath a name tell, in this order', of: BoxLine::class)]
        public array $lines = [BoxLine::Birth, BoxLine::Death],
        #[Option('Evidence', 'The rule at the left of a box tells how its facts are backed')] public bool $evidence = true,
        #[Option('What waits', 'Open questions, names of records not placed, several sets of parents, counted in the box')]
        public bool $waiting = true,
        #[Option('Portraits', 'The face that was cut for a portrait stands in the box')] public bool $portraits = false,
    ) {
    }
}
