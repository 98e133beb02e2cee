<?php

declare(strict_types=1);

namespace NorthBough\Core\Presentation;

/** What a drawing or a report was to be about is not in the tree; the message says so to whoever asked. */
final class SubjectMissing extends \RuntimeException
{
    public static function of(SubjectKind $kind): self
    {
        return new self("There is no {$kind->word()} of that number in this tree.");
    }
}
