<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom;

/** A line that could not be kept where it stood, or had to be mended to be read. */
final readonly class Remark
{
    public function __construct(public int $line, public string $text, public string $why)
    {
    }
}
