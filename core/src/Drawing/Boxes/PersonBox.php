<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Boxes;

use NorthBough\Core\Drawing\Cast\Stop;
use NorthBough\Core\Drawing\Scene\TextStyle;
use NorthBough\Core\Drawing\TypeMeasure;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\PictureCut;

/** A person's box as every drawing sets it: the name in at most two lines, then what is told, cut to fit. */
final class PersonBox
{
    /** A box is as wide as its words, within these. */
    public const WIDEST = 208.0;

    private const NARROWEST = 96.0;

    private const ROOM = self::WIDEST - 16;

    /**
     * @param  list<Stop>  $stops  where its lines go no further
     * @param  string  $footing  how far the ties to the parents are proved
     * @param  string  $waiting  what waits for a decision
     */
    public static function of(
        Person $person,
        BoxContents $contents,
        array $stops = [],
        string $footing = '',
        string $waiting = '',
        ?PictureCut $portrait = null,
    ): Box {
        [$waiting, $portrait] = [$contents->waiting ? $waiting : '', $contents->portraits ? $portrait : null];
        $name = $person->name()->shown();
        $names = TypeMeasure::broken($name, TextStyle::Name->size(), self::ROOM, 2);
        $lines = array_values(array_filter(array_map(
            static fn (BoxLine $line): string => TypeMeasure::cut($line->of($person), TextStyle::Fact->size(), self::ROOM),
            $contents->lines),
            static fn (string $line): bool => $line !== '' && $line !== '…'));

        $widths = [
            ...array_map(static fn (string $words): float => TypeMeasure::width($words, TextStyle::Name->size()), $names),
            ...array_map(static fn (string $words): float => TypeMeasure::width($words, TextStyle::Fact->size()), $lines),
            TypeMeasure::width($waiting, TextStyle::Waiting->size()),
            ...array_map(static fn (Stop $stop): float => TypeMeasure::width("… {$stop->words()}", TextStyle::More->size()), $stops),
        ];
        $width = max(self::NARROWEST, min(self::WIDEST, 16 + max($widths))) + BoxSetting::portraitRoom($portrait);

        return new Box($person->id, $person->number, 0, 0, $width,
            BoxSetting::height(count($names), count($lines) + ($waiting === '' ? 0 : 1), count($stops), $portrait !== null),
            $names, $lines, $name, $contents->evidence ? PersonText::backing($person) : '', $stops, $footing, $waiting, $portrait);
    }
}
