<?php

declare(strict_types=1);

namespace NorthBough\Core\Report;

final class NothingToReport extends \RuntimeException
{
    public static function about(string $what): self
    {
        return new self("There is no {$what} of that number in this tree.");
    }
}
