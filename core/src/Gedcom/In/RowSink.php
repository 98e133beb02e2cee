<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\Row\Row;

/** Takes the rows of a file as they are read, each after the rows that it names. */
interface RowSink
{
    public function add(Row $row): void;

    /** Told every few thousand lines, so that progress can be shown and the work cancelled. */
    public function at(int $line): void;
}
