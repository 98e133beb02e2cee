<?php

declare(strict_types=1);

namespace NorthBough\Core\Report;

/** Every kind of report. A new one is one file and one line here. */
final class Reports
{
    /** @return list<Report> */
    public static function all(): array
    {
        return [new FamilyGroupSheet];
    }

    /** @throws NothingToReport when there is no such kind */
    public static function named(string $code): Report
    {
        foreach (self::all() as $report) {
            if ($report->code() === $code) {
                return $report;
            }
        }

        throw NothingToReport::about("kind of report “{$code}”");
    }
}
