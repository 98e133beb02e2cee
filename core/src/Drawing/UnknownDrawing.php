<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing;

final class UnknownDrawing extends \DomainException
{
    public static function named(string $code): self
    {
        return new self("There is no kind of drawing called “{$code}”.");
    }
}
