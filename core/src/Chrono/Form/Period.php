<?php

declare(strict_types=1);

namespace NorthBough\Core\Chrono\Form;

use NorthBough\Core\Chrono\DateKind;
use NorthBough\Core\Chrono\DateParser;
use NorthBough\Core\Chrono\DatingConvention;
use NorthBough\Core\Chrono\DaySpan;
use NorthBough\Core\Chrono\EmptySpan;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\Interpretation;

/** from 1851 to 1860, from 1851, to 1860: how long something lasted, not doubt about when. */
final readonly class Period implements DateForm
{
    public function read(string $text, DatingConvention $convention, DateParser $reader): ?GenDate
    {
        if (preg_match(
            '/^(?:from )?(?<from>.+?) (?:to|until|till) (?<to>.+)$|^from (?<since>.+)$|^(?:to|until|till|up to) (?<until>.+)$/iu', $text,
            $m) !== 1) {
            return null;
        }
        $words = $m + ['from' => '', 'to' => '', 'since' => '', 'until' => ''];
        $fromWords = $words['from'].$words['since'];
        $toWords = $words['to'].$words['until'];
        $to = $toWords === '' ? null : $reader->plain($toWords, $convention);
        $from = $fromWords === '' ? null : $reader->begun($fromWords, $toWords, $convention);
        if (($fromWords !== '' && $from === null) || ($toWords !== '' && $to === null)) {
            return null;
        }
        $begin = $from?->span() ?? DaySpan::between(null, $to?->span()?->latest);
        $end = $to?->span() ?? DaySpan::between($from?->span()?->earliest, null);
        if ($begin->earliest !== null && $end->latest !== null && $begin->earliest > $end->latest) {
            throw EmptySpan::of($begin->earliest, $end->latest);
        }

        return GenDate::of($text, DateKind::Period, ($from ?? $to)->precision ?? throw new \LogicException('A period has an end.'),
            [new Interpretation($begin, $end)],
            trim(($from === null ? '' : "FROM {$from->beginning()}").($to === null ? '' : " TO {$to->ending()}")),
            trim(($from === null ? '' : "from {$from->shown}").($to === null ? '' : " to {$to->shown}")),
            ($from ?? $to)->calendar);
    }
}
