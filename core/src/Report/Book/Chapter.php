<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Book;

/** A chapter of a book, before it is written out. */
final readonly class Chapter
{
    /**
     * @param  string  $title  empty where it is called as what it is made of
     * @param  string  $code  the kind of report; empty for a text or a drawing
     * @param  string  $subject  what the report is about, as an address has it; the id of a text or a saved drawing
     * @param  array<string, string>  $options  of the report
     */
    public function __construct(
        public ChapterKind $kind,
        public string $title,
        public string $code,
        public string $subject,
        public array $options = [],
    ) {
    }
}
