<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono;

/** A registration index dates the registration. The event came up to the legal delay before it. */
final class RegistrationDelay
{
    /**
     * @param  DaySpan  $registration  the quarter or the day in the index
     * @param  int  $legalDelay  days within which the law let it be registered
     */
    public static function event(DaySpan $registration, int $legalDelay): DaySpan
    {
        return DaySpan::between($registration->earliest === null ? null : $registration->earliest - $legalDelay, $registration->latest);
    }
}
