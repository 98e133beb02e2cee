<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** `isResearch` marks one that is for research and not for print; our extension `_NB_RESEARCH` in a file. */
final readonly class NoteRow implements Row
{
    /** @param  array<string, array{int, string}>  $written */
    public function __construct(
        public string $id,
        public FactRef $owner,
        public string $text,
        public int $ordinal,
        public array $written,
        public bool $isResearch = false,
    ) {
    }
}
