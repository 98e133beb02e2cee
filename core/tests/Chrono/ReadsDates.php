<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Chrono;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Chrono\Interpretation;
use NorthBough\Core\Chrono\IsoDay;

/** A date as a row of a table of known answers writes it. */
trait ReadsDates
{
    /** "1731-02-10", "1731-02-10..1731-02-28", two readings parted by " or ", an open side empty. */
    private static function spans(GenDate $date): string
    {
        return implode(' or ', array_map(static function (Interpretation $reading): string {
            $span = $reading->outermost();
            $earliest = IsoDay::orNull($span->earliest) ?? '';
            $latest = IsoDay::orNull($span->latest) ?? '';

            return $earliest === $latest ? $earliest : "{$earliest}..{$latest}";
        }, $date->readings));
    }

    /**
     * @param  list<non-empty-list<string>>  $rows  the words first
     * @return iterable<string, non-empty-list<string>>
     */
    private static function named(array $rows): iterable
    {
        foreach ($rows as $row) {
            yield implode(' · ', $row) => $row;
        }
    }
}
