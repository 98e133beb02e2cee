<?php

declare(strict_types=1);

namespace NorthBough\Core\Prose;

/** What of a fact is called into a text. */
enum FactForm: string
{
    /** All of it, as its kind tells itself: was baptised at St Osmund, Tolsay, on 14 June 1791. */
    case Clause = 'clause';
    /** on 14 June 1791 */
    case When = 'when';
    /** at St Osmund, Tolsay */
    case Where = 'where';
    /** What it says besides: fowler and crofter. */
    case Value = 'value';
}
