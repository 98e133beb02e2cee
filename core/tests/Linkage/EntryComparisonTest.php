<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Linkage;

use NorthBough\Core\Entry\OneLineEntry;
use NorthBough\Core\Linkage\EntryComparison;
use NorthBough\Core\Linkage\MatchOffer;
use NorthBough\Core\Naming\NameVariants;
use NorthBough\Core\Tests\Tree\Isles;
use NorthBough\Core\Tree\Person;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Who of the tree is meant while a relative is typed. */
final class EntryComparisonTest extends TestCase
{
    /**
     * @return iterable<string, array{string, string, list<string>}> relation to Ewan, what is typed, who is offered, the
     *     likeliest first
     */
    public static function typed(): iterable
    {
        yield 'a name and its year' => ['father', 'Peter Tarrel b 1820', ['peter1820']];
        yield 'a name that two have: the one of the right age' => ['father', 'Peter Tarrel', ['peter1820']];
        yield 'the same as a child' => ['child', 'Peter Tarrel', ['peter1880']];
        yield 'a name half typed' => ['partner', 'Isbel', ['isbel']];
        yield 'a spelling of it' => ['partner', 'Isobel Quillan', ['isbel']];
        yield 'a year that contradicts' => ['partner', 'Isbel Quillan b 1799', []];
        yield 'a woman is no father' => ['father', 'Isbel Quillan', []];
        yield 'nobody of that name' => ['partner', 'Zillah Corran b 1852', []];
    }

    /** @param  list<string>  $expected */
    #[DataProvider('typed')]
    public function test_who_is_offered(string $relation, string $line, array $expected): void
    {
        [$of, $people] = self::isles();
        $offers = EntryComparison::rank(OneLineEntry::parse($line), $relation, $of, $people, NameVariants::usual());
        self::assertSame($expected,
            array_values(array_map(static fn (MatchOffer $offer): string => $offer->personId,
                array_filter($offers, static fn (MatchOffer $offer): bool => $offer->odds >= 0.05))));
    }

    /** What is typed on makes the right one likelier, and the odds of all stay below one. */
    public function test_each_word_tells_more(): void
    {
        [$of, $people] = self::isles();
        $before = 0.0;
        foreach (['Peter', 'Peter Tarrel', 'Peter Tarrel b 1820', 'Peter Tarrel b 1820 d 1890'] as $line) {
            $offers = EntryComparison::rank(OneLineEntry::parse($line), 'father', $of, $people, NameVariants::usual());
            self::assertSame('peter1820', $offers[0]->personId, $line);
            self::assertGreaterThan($before, $offers[0]->odds, $line);
            self::assertLessThanOrEqual(1.0, array_sum(array_map(static fn (MatchOffer $offer): float => $offer->odds, $offers)));
            $before = $offers[0]->odds;
        }
        self::assertContains('Birth agrees.', $offers[0]->grounds);
    }

    public function test_nobody_is_offered_of_an_empty_tree(): void
    {
        self::assertSame([], EntryComparison::rank(OneLineEntry::parse('Peter Tarrel'), 'father', null, [], NameVariants::usual()));
    }

    /** @return array{Person, list<Person>} */
    private static function isles(): array
    {
        $tree = (new Isles)->person('ewan', 'Ewan Tarrel h b 1847')->person('peter1820', 'Peter Tarrel h b 1820 d 1890')
            ->person('peter1880', 'Peter Tarrel h b 1880')
            ->person('isbel', 'Isbel Quillan w b 1850')->person('magnus', 'Magnus Osk h b 1849')->tree();
        $people = $tree->lives(['ewan', 'peter1820', 'peter1880', 'isbel', 'magnus']);

        return [$people['ewan'], array_values(array_diff_key($people, ['ewan' => 1]))];
    }
}
