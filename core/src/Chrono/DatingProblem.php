<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

use RuntimeException;

final class DatingProblem extends RuntimeException
{
    public static function because(string $why): self
    {
        return new self($why);
    }
}
