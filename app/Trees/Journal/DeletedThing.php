<?php

declare(strict_types=1);

namespace App\Trees\Journal;

/** Something that was deleted and is not there again. */
final readonly class DeletedThing
{
    /**
     * @param  string  $entryId  of its deletion, by which it is put back
     * @param  string  $whose  empty of what is nobody's
     * @param  string  $with  what went with it, in words
     */
    public function __construct(
        public string $entryId,
        public string $called,
        public string $whose,
        public string $with,
        public string $who,
        public string $madeAt,
        public string $why,
    ) {
    }
}
