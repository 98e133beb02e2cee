<?php

declare(strict_types=1);

namespace NorthBough\Core\Place;

use RuntimeException;

final class ValidPeriodProblem extends RuntimeException
{
    public static function endsFirst(): self
    {
        return new self('It ends before it begins. Look at the two dates once more.');
    }

    public static function notUnderstood(string $typed): self
    {
        return new self("No day was understood in “{$typed}”. A year is enough, such as 1782.");
    }
}
