<?php

declare(strict_types=1);

namespace NorthBough\Core\Record;

/** What an assertion is about. */
enum AssertionSubject: string
{
    /** A fact of the person whom the line is placed on. */
    case Person = 'person';
    /** A fact of that person and the one of the other line, as a couple. */
    case Couple = 'couple';
    /** That the two are partners. */
    case Partner = 'partner';
    /** That the line's person is a child of the other line's. */
    case Child = 'child';
    /** The sex of the line's person. */
    case Sex = 'sex';
    /** A bound or a hint, of which no fact is made. */
    case Remark = 'remark';
}
