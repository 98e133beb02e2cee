<?php

declare(strict_types=1);

namespace App\Demo\Drawn;

use App\Demo\DemoRecord;

/** One way in which the page of a record looks. */
interface Page
{
    /** @return array{int, int} width and height in pixels */
    public function size(DemoRecord $record): array;

    public function tone(): string;

    /** SVG of what is on the sheet. */
    public function body(DemoRecord $record): string;

    /** @return array{int, int, int, int}|null left, top, width and height of a line, counted from 0; null where the page has no lines */
    public function line(DemoRecord $record, int $line): ?array;
}
