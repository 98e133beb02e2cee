<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Described;

/** A record with all that hangs on it, as it is written to a file. */
final readonly class RollRecord implements Described
{
    /**
     * @param  list<RollLineRow>  $lines
     * @param  array<string, list<PlacingRow>>  $placings  by line, the one that settles it last
     * @param  list<RecordImageRow>  $images
     */
    public function __construct(
        public RecordRow $record,
        public RecordHead $head,
        public array $lines,
        public array $placings,
        public array $images,
    ) {
    }
}
