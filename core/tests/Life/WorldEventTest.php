<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Life;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Life\WorldEvent;
use NorthBough\Core\Tests\Tree\Isles;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WorldEventTest extends TestCase
{
    private const KNOWN = [
        'in the lifetime, everywhere' => ['Ewan b 1790 Hask d 1866', '1807', '', true],
        'before the birth' => ['Ewan b 1790 Hask d 1866', '1745', '', false],
        'after the death' => ['Ewan b 1790 Hask d 1866', '1867', '', false],
        'in the year of the birth' => ['Ewan b 1790 Hask d 1866', '1790', '', true],
        'it lasted into the life' => ['Ewan b 1790 Hask d 1866', 'from 1745 to 1792', '', true],
        'where the life was' => ['Ewan b 1790 Hask, Marren Isles d 1866', '1807', 'Marren Isles', true],
        'where the life never was' => ['Ewan b 1790 Hask, Marren Isles d 1866', '1807', 'New Ellandry', false],
        'a life without a beginning' => ['Ewan d 1866', '1807', '', false],
        'a life without an end' => ['Ewan b 1790', '1807', '', false],
        'told of once more' => ['Ewan b 1790 d abt 1850', '1849', '', true],
        'no time that is understood' => ['Ewan b 1790 d 1866', 'when the kirk burned', '', false],
    ];

    /** @return iterable<string, array{string, string, string, bool}> */
    public static function known(): iterable
    {
        yield from self::KNOWN;
    }

    #[DataProvider('known')]
    public function test_it_stands_beside_the_lives_that_it_concerns(string $line, string $date, string $place, bool $expected): void
    {
        $person = (new Isles)->person('p', $line)->of('p');
        self::assertSame($expected, (new WorldEvent('w', 'The light was lit', GenDate::parse($date), $place))->concerns($person));
    }
}
