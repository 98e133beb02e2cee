<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** On which side a file told a tie that the standard tells twice. What is made by hand is told on both. */
enum TieSide: string
{
    case Both = 'both';
    case Person = 'person';
    case Family = 'family';
}
