<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** Something to do about a person, or for a case (`personId` empty); `doneOn` is an ISO day, empty while it is to do. */
final readonly class TaskRow implements Row
{
    /** @param  array<string, array{int, string}>  $written */
    public function __construct(
        public string $id,
        public string $personId,
        public string $text,
        public string $doneOn,
        public int $ordinal,
        public array $written,
        public string $questionId = '',
    ) {
    }
}
