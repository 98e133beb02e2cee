<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\People;

use NorthBough\Core\Drawing\Scene\Picture;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Drawing\Scene\Text;
use NorthBough\Core\Drawing\Scene\TextStyle;
use NorthBough\Core\Report\Node\Plot;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\TreeView;

/** The main pictures of people, beside what is told of them. */
final class Portraits
{
    private const SIDE = 110;

    /**
     * @param  array<Person>  $people
     * @return list<Plot> of those who have one that may be seen
     */
    public static function of(TreeView $tree, array $people): array
    {
        $asides = $tree->asides(array_values(array_column($people, 'id')));
        $plots = [];
        foreach ($people as $person) {
            $cut = ($asides[$person->id] ?? null)?->portrait;
            if ($cut !== null) {
                $name = $person->name()->shown();
                $plots[] = new Plot(new Scene($name, self::SIDE, self::SIDE, [], [], new Text(0, self::SIDE, '', TextStyle::Foot),
                    pictures: [new Picture(0, 0, self::SIDE, self::SIDE, $cut)]), '', "Portrait of {$name}", isBeside: true);
            }
        }

        return $plots;
    }
}
