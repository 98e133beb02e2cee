<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;

/** Something to do about a person, or for a case (`personId` empty); `doneOn` is an ISO day, empty while it is to do. */
final readonly class TaskRow implements Row
{
    /** @param  array<string, array{int, string}>  $written */
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(isSafe: true)] public string $personId,
        #[Field(word: 'words')] public string $text,
        #[Field(isSafe: true, isElsewhere: true)] public string $doneOn,
        public int $ordinal,
        #[Field(isSafe: true)] public array $written,
        #[Field(isSafe: true)] public string $questionId = '',
    ) {
    }
}
