<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom;

/** A line that could not be kept where it stood, or had to be mended to be read; or, when it is placed, one that is odd all the same. */
final readonly class Remark
{
    public function __construct(public int $line, public string $text, public string $why, public bool $isPlaced = false)
    {
    }
}
