<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\In;

use NorthBough\Core\Gedcom\Structure;
use NorthBough\Core\Tree\EventKind;

/**
 * Whether an event of a file says that it happened. It does by Y, by a date or by a place; N says nothing, and a death or
 * burial of which only the tag stands there says nothing either (5.5.1, event assertion; version 7, section 3.2). Such a
 * fact is kept as one that does not lead, so that nobody counts as dead by it.
 */
final class EventAssertion
{
    /** Among the words of a fact as written: that it is a rival only because nothing asserts it. */
    public const IMPLIED = 'IMPLIED';

    private const SIGNS_OF_DEATH = ['DEAT', 'BURI', 'CREM', 'PROB'];

    public static function isMade(Structure $event, EventKind $kind): bool
    {
        if ($kind->hasValue) {
            return true;
        }
        $word = strtoupper(trim($event->payload));
        if ($word === 'Y' || self::tells($event, 'DATE') || self::tells($event, 'PLAC')) {
            return true;
        }

        return $word !== 'N' && ! in_array($event->tag, self::SIGNS_OF_DEATH, true);
    }

    private static function tells(Structure $event, string $tag): bool
    {
        return trim($event->text($tag).$event->text($tag, 'PHRASE')) !== '';
    }
}
