<?php

declare(strict_types=1);

namespace NorthBough\Core\Tree;

final class UnknownEventKind extends \DomainException
{
    public static function named(string $code): self
    {
        return new self("There is no kind of event called “{$code}”.");
    }
}
