<?php

declare(strict_types=1);

namespace NorthBough\Core\Citation;

/** A kind of source that cannot be used as it is written. */
final class KindProblem extends \RuntimeException
{
    public static function because(string $why): self
    {
        return new self("This kind of source cannot be used: {$why}.");
    }
}
