<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Place;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Place\Place;
use NorthBough\Core\Place\PlaceResolver;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PlaceResolverTest extends TestCase
{
    /** Words, a time, and what they stand for: "place", "place < words within it", "one? two?" where it is open. */
    private const KNOWN = [
        ['Kirkhaven', '', 'kirkhaven'],
        ['kirkhaven,  great marren', '', 'kirkhaven'],
        ['Kirkhaven, Great Marren, Marren Isles, Kingdom of Aldane', '', 'kirkhaven'],
        // A wider place may be named shortly, and one between may be left out.
        ['Kirkhaven, Marren', '', 'kirkhaven'],
        ['Kirkhaven, Aldane', '', 'kirkhaven'],
        ['Kirkhaven, Dane', '', 'kirkhaven?'],
        ['Kirkhaven, Kingdom of Aldane', '', 'kirkhaven'],
        // The kirk is kept, and found under the town.
        ["St Bregan's Kirk, Kirkhaven, Marren", '', "kirkhaven < St Bregan's Kirk"],
        ['Net Loft, the Quay, Kirkhaven', '', 'kirkhaven < Net Loft + the Quay'],
        ['St Bregan, Kirkhaven', '', 'bregan'],
        ['St Osmund, Tolsay', '', 'osmund'],
        // What lay elsewhere once is known by both.
        ['Tolsay, Marren Isles', '', 'tolsay'],
        ['Tolsay, Great Marren', '1770', 'tolsay'],
        ['Tolsay, Great Marren', '1890', 'tolsay'],
        // Other names, in their time and out of it.
        ['Hask Light, Lordship of Marren', '1840', 'light'],
        ['Hask Light, Marrenoyar', '', 'light'],
        ['Kirkhamn', '1620', 'kirkhaven'],
        ['Kirkhamn', '1890', 'kirkhaven'],
        // Two of a name: told apart by what they lie in, or by the time, or both offered.
        ['Harbour', '', 'harbour? pellharbour?'],
        ['Harbour, Tolsay', '', 'harbour'],
        ['Harbour, Westering', '', 'pellharbour'],
        ['Crab Stairs, Harbour, Pellmouth', '', 'pellharbour < Crab Stairs'],
        ['Crab Stairs, Harbour', '', 'harbour? pellharbour?'],
        ['Settlement Cove, New Ellandry', '', 'amberlode? cove?'],
        // A place that is elsewhere is offered, never settled.
        ['Kirkhaven, Westering', '', 'westering < Kirkhaven'],
        ['Kirkhaven, Nowhere', '', 'kirkhaven?'],
        ['Ultima Thule', '', ''],
        ['Pell', '', ''],
        ['', '', ''],
        [' , ,', '', ''],
    ];

    /** @return iterable<string, list<string>> */
    public static function known(): iterable
    {
        foreach (self::KNOWN as $row) {
            yield implode(' · ', $row) => $row;
        }
    }

    #[DataProvider('known')]
    public function test_words_stand_for_a_place(string $typed, string $when, string $expected): void
    {
        $reading = (new PlaceResolver(Marren::gazetteer()))->read($typed, GenDate::parse($when)->span());
        $within = $reading->within === [] ? '' : ' < '.implode(' + ', $reading->within);

        self::assertSame($expected, $reading->standard === null
            ? implode(' ', array_map(static fn (Place $place): string => $place->id.'?', $reading->offers))
            : $reading->standard->id.$within);
    }
}
