<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Entry;

use NorthBough\Core\Entry\OneLineEntry;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class OneLineEntryTest extends TestCase
{
    /** @param  array<string, array{string, string}>  $events */
    #[DataProvider('lines')]
    public function test_reads(string $line, string $given, string $surname, string $sex, array $events): void
    {
        $entry = OneLineEntry::parse($line);

        self::assertSame([$given, $surname, $sex], [$entry->name->given, $entry->name->surname, $entry->sex->value]);
        self::assertSame($events, array_map(static fn ($event): array => [$event->date->typed, $event->place], $entry->events));
    }

    /** @return iterable<array{string, string, string, string, array<string, array{string, string}>}> */
    public static function lines(): iterable
    {
        yield ['Ewan Tarrel', 'Ewan', 'Tarrel', 'U', []];
        yield ['John B Tarrel', 'John B', 'Tarrel', 'U', []];
        yield ['Ewan Tarrel b 14 June 1851 Hask', 'Ewan', 'Tarrel', 'U', ['birth' => ['14 June 1851', 'Hask']]];
        yield ['Ewan Tarrel h b 1851 d 1920 Kirkhaven, Great Marren', 'Ewan', 'Tarrel', 'M', ['birth' => ['1851', ''], 'death' => ['1920', 'Kirkhaven, Great Marren']]];
        yield ['Jean Penhask w b abt 1824, Tolsay m 9 Oct 1845 St Osmund d aft 1891', 'Jean', 'Penhask', 'F',
            ['birth' => ['abt 1824', 'Tolsay'], 'marriage' => ['9 Oct 1845', 'St Osmund'], 'death' => ['aft 1891', '']]];
        yield ['Ewan Tarrel b Hask Light', 'Ewan', 'Tarrel', 'U', ['birth' => ['', 'Hask Light']]];
        yield ['Ewan Tarrel b 31 June 1851 Hask', 'Ewan', 'Tarrel', 'U', ['birth' => ['31 June 1851', 'Hask']]];
        yield ['Ewan Tarrel b from 1851 to 1852 Hask', 'Ewan', 'Tarrel', 'U', ['birth' => ['from 1851 to 1852', 'Hask']]];
        yield ['? Drum x b 1880', '', 'Drum', 'X', ['birth' => ['1880', '']]];
        yield ['b', 'b', '', 'U', []];
        yield ['Ewan d', 'Ewan', 'd', 'U', []];
    }
}
