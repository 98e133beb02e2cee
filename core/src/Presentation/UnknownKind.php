<?php

declare(strict_types=1);

namespace NorthBough\Core\Presentation;

/** A kind of drawing or report that there is not. */
final class UnknownKind extends \DomainException
{
    /**
     * @param  string  $what  drawing, report
     * @param  list<string>  $known  the codes that there are
     */
    public static function of(string $what, string $code, array $known): self
    {
        return new self("There is no kind of {$what} called “{$code}”. There are: ".implode(', ', $known).'.');
    }
}
