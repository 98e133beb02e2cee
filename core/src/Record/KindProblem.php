<?php

declare(strict_types=1);

namespace NorthBough\Core\Record;

/** A kind of record, or of source, that cannot be used as it is written. */
final class KindProblem extends \RuntimeException
{
    public static function because(string $why): self
    {
        return new self("This kind cannot be used: {$why}.");
    }
}
