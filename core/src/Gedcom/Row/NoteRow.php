<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;

/** `isResearch` marks one that is for research and not for print; our extension `_NB_RESEARCH` in a file. */
final readonly class NoteRow implements Row
{
    /** @param  array<string, array{int, string}>  $written */
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(owners: ['person', 'name', 'event', 'union', 'source', 'repository'])] public FactRef $owner,
        #[Field(word: 'words')] public string $text,
        public int $ordinal,
        #[Field(isSafe: true)] public array $written,
        public bool $isResearch = false,
    ) {
    }
}
