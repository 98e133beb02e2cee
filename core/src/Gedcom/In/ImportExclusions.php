<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

/** What of a file stayed outside because only a part of it was wanted. */
final readonly class ImportExclusions
{
    /**
     * @param  int  $people  how many
     * @param  int  $records  families, sources, pictures and whatever else hung on them alone
     * @param  int  $lines  of those who came in, that point at one of these
     */
    public function __construct(public int $people = 0, public int $records = 0, public int $lines = 0)
    {
    }
}
