<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Gedcom\Grammar;

/** What one version of GEDCOM allows: which lines stand under which, how many of them, and what each may say. */
interface Grammar
{
    /** The lines that a kind of structure may have, as Seven says. */
    public function lines(string $kind): string;

    /** @return array<string, string> kinds of records by tag */
    public function records(): array;

    /** The form of what a kind of structure says, as a regular expression. */
    public function payload(string $kind): string;

    /** The form of a record's own pointer. */
    public function pointer(): string;

    /** Whether long values go on with CONC. */
    public function hasConc(): bool;
}
