<?php

declare(strict_types=1);

namespace NorthBough\Core\Prose;

/** Words as they were written. */
final readonly class TextRun implements ProsePart
{
    public function __construct(public string $text, public bool $isBold = false, public bool $isItalic = false)
    {
    }
}
