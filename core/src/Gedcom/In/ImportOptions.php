<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

/** How a file is read, and which part of it, as somebody chose after a look at it. */
final readonly class ImportOptions
{
    /**
     * @param  string  $encoding  a name of Encoding::names(); empty for what the file itself says
     * @param  string  $start  the pointer of the person whose kin come in; empty for everybody
     * @param  int  $generations  how many up and down from there
     */
    public function __construct(public string $encoding = '', public string $start = '', public int $generations = 0)
    {
    }
}
