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
        yield ['Ewan Tarrel h b 1851 d 1920 Kirkhaven, Great Marren', 'Ewan', 'Tarrel', 'M',
            ['birth' => ['1851', ''], 'death' => ['1920', 'Kirkhaven, Great Marren']]];
        yield ['Jean Penhask w b abt 1824, Tolsay m 9 Oct 1845 St Osmund d aft 1891', 'Jean', 'Penhask', 'F',
            ['birth' => ['abt 1824', 'Tolsay'], 'marriage' => ['9 Oct 1845', 'St Osmund'], 'death' => ['aft 1891', '']]];
        yield ['Ewan Tarrel b Hask Light', 'Ewan', 'Tarrel', 'U', ['birth' => ['', 'Hask Light']]];
        yield ['Ewan Tarrel b 31 June 1851 Hask', 'Ewan', 'Tarrel', 'U', ['birth' => ['31 June 1851', 'Hask']]];
        yield ['Ewan Tarrel b from 1851 to 1852 Hask', 'Ewan', 'Tarrel', 'U', ['birth' => ['from 1851 to 1852', 'Hask']]];
        yield ['? Drum x b 1880', '', 'Drum', 'X', ['birth' => ['1880', '']]];
        yield ['? Osk', '', 'Osk', 'U', []];
        yield ['', '', '', 'U', []];
        yield ['   Ewan    Tarrel   h  ', 'Ewan', 'Tarrel', 'M', []];
        yield ['Ewan Tarrel W b 1851', 'Ewan Tarrel', 'W', 'U', ['birth' => ['1851', '']]];
        yield ['Ewan Tarrel B 1851', 'Ewan Tarrel B', '1851', 'U', []];
        yield ['h', 'h', '', 'U', []];
        yield ['Jean w', 'Jean', '', 'F', []];
        yield ['Tarrel, Ewan h b 1851', 'Ewan', 'Tarrel', 'M', ['birth' => ['1851', '']]];
        yield ['MacDonald, Flora w b abt 1820 Hask', 'Flora', 'MacDonald', 'F', ['birth' => ['abt 1820', 'Hask']]];
        yield ['Ewan Tarrel d 1920 b 1851', 'Ewan', 'Tarrel', 'U', ['death' => ['1920', ''], 'birth' => ['1851', '']]];
        yield ['Ewan Tarrel b 1851 b Hask', 'Ewan', 'Tarrel', 'U', ['birth' => ['1851', 'b Hask']]];
        yield ['Ewan Tarrel b 10 Feb 1731/2 Hask', 'Ewan', 'Tarrel', 'U', ['birth' => ['10 Feb 1731/2', 'Hask']]];
        yield ['Ewan Tarrel b bet 1850 and 1852 Hask Light, Hask', 'Ewan', 'Tarrel', 'U',
            ['birth' => ['bet 1850 and 1852', 'Hask Light, Hask']]];
        yield ['Ewan Tarrel b 1851-05-03', 'Ewan', 'Tarrel', 'U', ['birth' => ['1851-05-03', '']]];
        yield ['Ewan Tarrel born 14 June 1851 at Hask died 1920 in Kirkhaven', 'Ewan', 'Tarrel', 'U',
            ['birth' => ['14 June 1851', 'Hask'], 'death' => ['1920', 'Kirkhaven']]];
        yield ['Jean Penhask w married 9 Oct 1845 at St Osmund', 'Jean', 'Penhask', 'F', ['marriage' => ['9 Oct 1845', 'St Osmund']]];
        yield ['Ewan Tarrel born at Hask Light', 'Ewan', 'Tarrel', 'U', ['birth' => ['', 'Hask Light']]];
        yield ['Ewan Born', 'Ewan', 'Born', 'U', []];
        yield ['b', 'b', '', 'U', []];
        yield ['Ewan d', 'Ewan', 'd', 'U', []];
    }

    /** No line loses a word: what is no mark, date or place stands in the name. */
    public function test_every_word_is_kept_somewhere(): void
    {
        $words = ['Ewan', 'Tarrel', 'h', 'w', 'b', 'm', 'd', '1851', 'abt', '14', 'June', 'Hask', 'Light,', 'aft', '?', '“Hezzy”', 'van',
            'der', 'B'];
        mt_srand(1847);
        for ($round = 0; $round < 400; $round++) {
            $typed = array_map(static fn (int $at): string => $words[$at],
                array_map(static fn (): int => mt_rand(0, count($words) - 1), range(1, mt_rand(1, 9))));
            $entry = OneLineEntry::parse(implode(' ', $typed));
            $name = $entry->name;
            $kept = implode(' ', [$name->title, $name->given, $name->surnamePrefix, $name->surname, $name->suffix, $name->nickname,
                ...array_map(static fn ($event): string => "{$event->date->typed} {$event->place}", array_values($entry->events))]);
            foreach ($typed as $word) {
                $bare = trim($word, ',“”?');
                if (mb_strlen($bare) > 1) {
                    self::assertStringContainsString($bare, $kept, implode(' ', $typed));
                }
            }
        }
    }
}
