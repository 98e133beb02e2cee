<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Scene;

/** How words are set. Sizes are in units of the scene, and those by which the words were measured. */
enum TextStyle: string
{
    case Name = 'name';
    case Fact = 'fact';
    /** The kind of a tie, at the end of its line. */
    case Mark = 'mark';
    /** Why a line stops. */
    case More = 'more';
    /** What of somebody waits for a decision. */
    case Waiting = 'waiting';
    /** What somebody wrote on the drawing. */
    case Note = 'note';
    case Foot = 'foot';

    public function size(): float
    {
        return match ($this) {
            self::Name => 15.0,
            self::Fact => 11.5,
            self::Note => 13.0,
            self::Mark, self::More, self::Waiting => 11.0,
            self::Foot => 9.0,
        };
    }

    public function typeface(): Typeface
    {
        return match ($this) {
            self::Name, self::Note => Typeface::Serif,
            self::Fact, self::Mark, self::More, self::Waiting, self::Foot => Typeface::Sans,
        };
    }

    public function ink(): Ink
    {
        return match ($this) {
            self::Name, self::Note => Ink::Ink,
            self::More => Ink::Link,
            self::Waiting => Ink::Waiting,
            self::Fact, self::Mark, self::Foot => Ink::Graphite,
        };
    }
}
