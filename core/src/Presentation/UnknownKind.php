<?php

declare(strict_types=1);

namespace NorthBough\Core\Presentation;

/** A kind of drawing or report that there is not. */
final class UnknownKind extends \DomainException
{
    /**
     * @param  string  $things  drawing, report
     * @param  list<string>  $known  the codes that there are
     */
    public static function of(string $things, string $code, array $known): self
    {
        return new self("There is no kind of {$things} called “{$code}”. There are: ".implode(', ', $known).'.');
    }
}
