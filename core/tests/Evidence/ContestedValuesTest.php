<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Evidence;

use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Evidence\Conflict\ContestedValues;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Standing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ContestedValuesTest extends TestCase
{
    /**
     * @param  list<array{string, string, Standing}>  $values  kind, date, standing
     * @param  array<string, string>  $expected
     */
    #[DataProvider('lives')]
    public function test_what_disagrees_and_nobody_decided(array $values, array $expected): void
    {
        $events = array_map(
            static fn (array $value, int $at): Event => new Event("e{$at}", $value[0], '', '', GenDate::parse($value[1]), '', false, [],
                $value[2]), $values, array_keys($values));

        self::assertSame($expected, array_map(static fn ($verdict): string => $verdict->value, ContestedValues::among($events)));
    }

    /** @return iterable<string, array{list<array{string, string, Standing}>, array<string, string>}> */
    public static function lives(): iterable
    {
        [$un, $ac, $ri, $ro] = [Standing::Unweighed, Standing::Accepted, Standing::Rival, Standing::RuledOut];
        yield 'one value' => [[['birth', '1850', $un]], []];
        yield 'two that cannot both be' => [[['birth', '1850', $un], ['birth', '1852', $un]],
            ['e0' => 'contradicts', 'e1' => 'contradicts']];
        yield 'a year, and a month in it' => [[['death', '1790', $un], ['death', 'Oct 1790', $un]], []];
        yield 'two that miss by an allowance' => [[['birth', 'about 1850', $un], ['birth', '1853', $un]],
            ['e0' => 'strains', 'e1' => 'strains']];
        yield 'one was accepted, the other is its rival' => [[['birth', '1850', $ac], ['birth', '1852', $ri]], []];
        yield 'one was accepted, and another came since' => [[['birth', '1850', $ac], ['birth', '1852', $un]],
            ['e0' => 'contradicts', 'e1' => 'contradicts']];
        yield 'one was ruled out' => [[['birth', '1850', $un], ['birth', '1852', $ro]], []];
        yield 'a residence may be told twice' => [[['residence', '1850', $un], ['residence', '1852', $un]], []];
        yield 'a birth and a death' => [[['birth', '1850', $un], ['death', '1852', $un]], []];
    }
}
