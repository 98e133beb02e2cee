<?php

declare(strict_types=1);

namespace NorthBough\Core\Entry;

use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;

/** What was understood of a person typed in one line. */
final readonly class OneLineEntry
{
    /** @param  array<string, EntryEvent>  $events by kind of event: birth, marriage, death */
    public function __construct(
        public PersonalName $name,
        public Sex $sex,
        public array $events,
    ) {
    }

    /** Never fails: whatever is not a mark with a date or place belongs to the name. */
    public static function parse(string $line): self
    {
        return OneLineParser::read($line);
    }
}
