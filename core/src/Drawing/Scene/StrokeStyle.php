<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Scene;

/**
 * How a stroke is drawn: lines of kinship by their proof, the rule at the left of a box by how its facts are backed, a
 * life by whether it is certain.
 */
enum StrokeStyle: string
{
    case Proved = 'proved';
    case Unproved = 'unproved';
    case Cited = 'cited';
    case Partly = 'partly';
    case Uncited = 'uncited';
    case Couple = 'couple';
    case PerhapsCouple = 'perhaps couple';
    case Alive = 'alive';
    case PerhapsAlive = 'perhaps alive';
    /** How many, in a plot of counts. */
    case Bar = 'bar';

    public function width(): float
    {
        return match ($this) {
            self::Proved, self::Unproved => 1.0,
            self::Couple, self::PerhapsCouple => 1.5,
            self::Cited, self::Partly, self::Uncited => 2.0,
            self::Alive, self::PerhapsAlive => 7.0,
            self::Bar => 10.0,
        };
    }

    /** @return list<float> stroke and gap by turns; nothing where it is whole */
    public function dashes(): array
    {
        return match ($this) {
            self::Proved, self::Cited, self::Alive, self::Couple, self::Bar => [],
            self::PerhapsAlive => [2.0, 3.0],
            self::Unproved, self::PerhapsCouple => [2.0, 4.0],
            self::Partly => [7.0, 4.0],
            self::Uncited => [1.5, 4.0],
        };
    }

    public function ink(): Ink
    {
        return match ($this) {
            self::Proved, self::Unproved => Ink::Hairline,
            self::Couple, self::PerhapsCouple => Ink::Graphite,
            self::Cited, self::Partly, self::Uncited => Ink::Ink,
            self::Alive, self::PerhapsAlive, self::Bar => Ink::Graphite,
        };
    }
}
