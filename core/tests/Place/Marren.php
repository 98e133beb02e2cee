<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Place;

use NorthBough\Core\Chrono\SaidReckoning;
use NorthBough\Core\Place\Gazetteer;
use NorthBough\Core\Place\Place;
use NorthBough\Core\Place\PlaceName;
use NorthBough\Core\Place\PlaceTie;
use NorthBough\Core\Place\Tenure;

/** A small gazetteer of the Marren Isles, with what changed there over time. */
final class Marren
{
    public static function gazetteer(): Gazetteer
    {
        $always = Tenure::always();
        $in = static fn (string ...$ids): array => array_map(static fn (string $id): PlaceTie => new PlaceTie($id, Tenure::always()), array_values($ids));

        return Gazetteer::of([
            new Place('aldane', 'Kingdom of Aldane'),
            new Place('isles', 'Marren Isles', [new PlaceName('Lordship of Marren', '', Tenure::typed('', '1899')), new PlaceName('Marrenoyar', 'Old Marren', $always)], $in('aldane'),
                reckoning: SaidReckoning::of(['calendar' => 'JULIAN', 'yearStart' => '25 March', 'until' => '31 December 1752'])),
            new Place('great', 'Great Marren', [], $in('isles')),
            new Place('kirkhaven', 'Kirkhaven', [new PlaceName('Kirkhamn', '', Tenure::typed('', '1650'))], $in('great'), [new PlaceTie('bregan', $always)]),
            new Place('bregan', 'St Bregan', [], $in('kirkhaven')),
            new Place('tolsay', 'Tolsay', [], [new PlaceTie('isles', $always), new PlaceTie('great', Tenure::typed('', '1781'))],
                [new PlaceTie('bregan', Tenure::typed('', '1781')), new PlaceTie('osmund', Tenure::typed('1782', ''))]),
            new Place('osmund', 'St Osmund', [], $in('tolsay')),
            new Place('harbour', 'Harbour', [], $in('tolsay')),
            new Place('hask', 'Hask', [], $in('isles'), [new PlaceTie('osmund', Tenure::typed('1782', ''))]),
            new Place('light', 'Hask Light', [], $in('hask')),
            new Place('westering', 'Westering', [], $in('aldane')),
            new Place('pellmouth', 'Pellmouth', [], $in('westering')),
            new Place('pellharbour', 'Harbour', [], $in('pellmouth')),
            new Place('ellandry', 'New Ellandry', [], [], reckoning: SaidReckoning::of(['order' => 'mdy', 'hemisphere' => 'south'])),
            new Place('amberlode', 'Port Amberlode', [new PlaceName('Settlement Cove', '', Tenure::typed('', '1868'))], $in('ellandry'),
                reckoning: SaidReckoning::of(['order' => 'dmy'])),
            new Place('cove', 'Settlement Cove', [], [new PlaceTie('ellandry', Tenure::typed('1870', ''))]),
        ]);
    }
}
