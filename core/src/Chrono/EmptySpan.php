<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

final class EmptySpan extends \DomainException
{
    public static function of(int $earliest, int $latest): self
    {
        return new self('The first day ('.IsoDay::of($earliest).') lies after the last ('.IsoDay::of($latest).').');
    }
}
