<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Place;

use NorthBough\Core\Chrono\DatingSetting;
use NorthBough\Core\Place\Gazetteer;
use NorthBough\Core\Place\Place;
use NorthBough\Core\Place\PlaceLink;
use NorthBough\Core\Place\PlaceName;
use NorthBough\Core\Place\ValidPeriod;

/** A small gazetteer of the Marren Isles, with what changed there over time. */
final class Marren
{
    public static function gazetteer(): Gazetteer
    {
        $always = ValidPeriod::always();
        $in = static fn (string ...$ids): array => array_map(static fn (string $id): PlaceLink => new PlaceLink($id, ValidPeriod::always()),
            array_values($ids));

        return Gazetteer::of([
            new Place('aldane', 'Kingdom of Aldane'),
            new Place('isles', 'Marren Isles',
                [new PlaceName('Lordship of Marren', '', ValidPeriod::typed('', '1899')),
                    new PlaceName('Marrenoyar', 'Old Marren', $always)], $in('aldane'),
                convention: DatingSetting::of(['calendar' => 'JULIAN', 'yearStart' => '25 March', 'until' => '31 December 1752'])),
            new Place('great', 'Great Marren', [], $in('isles')),
            new Place('kirkhaven', 'Kirkhaven', [new PlaceName('Kirkhamn', '', ValidPeriod::typed('', '1650'))], $in('great'),
                [new PlaceLink('bregan', $always)]),
            new Place('bregan', 'St Bregan', [], $in('kirkhaven')),
            new Place('tolsay', 'Tolsay', [], [new PlaceLink('isles', $always), new PlaceLink('great', ValidPeriod::typed('', '1781'))],
                [new PlaceLink('bregan', ValidPeriod::typed('', '1781')), new PlaceLink('osmund', ValidPeriod::typed('1782', ''))]),
            new Place('osmund', 'St Osmund', [], $in('tolsay')),
            new Place('harbour', 'Harbour', [], $in('tolsay')),
            new Place('hask', 'Hask', [], $in('isles'), [new PlaceLink('osmund', ValidPeriod::typed('1782', ''))]),
            new Place('light', 'Hask Light', [], $in('hask')),
            new Place('westering', 'Westering', [], $in('aldane')),
            new Place('pellmouth', 'Pellmouth', [], $in('westering')),
            new Place('pellharbour', 'Harbour', [], $in('pellmouth')),
            new Place('ellandry', 'New Ellandry', [], [], convention: DatingSetting::of(['order' => 'mdy', 'hemisphere' => 'south'])),
            new Place('amberlode', 'Port Amberlode', [new PlaceName('Settlement Cove', '', ValidPeriod::typed('', '1868'))],
                $in('ellandry'),
                convention: DatingSetting::of(['order' => 'dmy'])),
            new Place('cove', 'Settlement Cove', [], [new PlaceLink('ellandry', ValidPeriod::typed('1870', ''))]),
        ]);
    }
}
