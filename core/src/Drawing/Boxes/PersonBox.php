<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Boxes;

use NorthBough\Core\Drawing\Scene\TextStyle;
use NorthBough\Core\Drawing\TypeMeasure;
use NorthBough\Core\Tree\Person;

/** A person's box as every drawing sets it: the name in at most two lines, then what is told, cut to fit. */
final class PersonBox
{
    public const WIDTH = 208.0;

    public const HEIGHT = 74.0;

    private const ROOM = self::WIDTH - 16;

    /**
     * @param  string  $mark  the kind of the tie to the parents
     * @param  string  $more  why the drawing stops here
     * @param  string  $footing  how far the ties to the parents are proved
     * @param  bool  $linesAtLeft  whether the lines to the parents leave at the left
     */
    public static function of(
        Person $person,
        float $x,
        float $y,
        string $mark = '',
        string $more = '',
        string $footing = '',
        bool $linesAtLeft = false,
    ): Box {
        $name = $person->name()->shown();

        return new Box(
            $person->id, $person->number, $x, $y, self::WIDTH, self::HEIGHT,
            TypeMeasure::broken($name, TextStyle::Name->size(), self::ROOM, 2),
            array_map(static fn (string $line): string => TypeMeasure::cut($line, TextStyle::Fact->size(), self::ROOM),
                PersonText::lines($person)),
            $name, PersonText::backing($person), $mark, $more, $footing, $linesAtLeft,
        );
    }

    /** How far to the right the words of a box reach, so that its lines begin there. */
    public static function reach(Person $person): float
    {
        $widths = array_map(static fn (string $line): float => TypeMeasure::width($line, TextStyle::Fact->size()),
            PersonText::lines($person));
        foreach (TypeMeasure::broken($person->name()->shown(), TextStyle::Name->size(), self::ROOM, 2) as $line) {
            $widths[] = TypeMeasure::width($line, TextStyle::Name->size());
        }

        return min(self::WIDTH, 18 + max($widths));
    }
}
