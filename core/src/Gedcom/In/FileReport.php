<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\Remark;
use NorthBough\Core\Gedcom\Version;

/** What was found in a file. */
final readonly class FileReport
{
    /**
     * @param  string  $head  the head's lines, from level 0, as they can be written back
     * @param  array<string, int>  $counts  people, families, events, sources, repositories, records, notes, other
     * @param  list<Remark>  $remarks
     * @param  list<array{tag: string, count: int, shown: string}>  $kept lines that have no field here: which, how many, and where they
     *     are shown; the most first
     */
    public function __construct(
        public Version $version,
        public string $head,
        public array $counts,
        public int $lines,
        public array $remarks,
        public array $kept = [],
        public ImportExclusions $leftOut = new ImportExclusions,
    ) {
    }
}
