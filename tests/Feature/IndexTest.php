<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;

/** The index of people: every page of every order holds everybody once, and each narrowing exactly those meant. */
final class IndexTest extends TestCase
{
    use UploadsFiles;

    /** @return iterable<string, array{string}> */
    public static function orders(): iterable
    {
        yield 'by name' => ['name'];
        yield 'by number' => ['number'];
        yield 'by birth' => ['birth'];
        yield 'by death' => ['death'];
        yield 'by an order that is none' => ['; drop table people'];
    }

    #[DataProvider('orders')]
    public function test_pages_hold_everybody_once_in_one_order(string $sort): void
    {
        // Many of one name, of one year and of no year: what pages are cut by must tell them apart.
        $this->bringInto($this->crowd(230))->assertSuccessful();
        $seen = [];
        $lines = [];
        $pages = 0;
        $after = '';
        do {
            $page = $this->api('GET', '/people?'.http_build_query(['sort' => $sort, 'after' => $after]))->assertOk();
            $lines = [...$lines, ...$page->json('rows')];
            $seen = [...$seen, ...array_column($page->json('rows'), 'id')];
            $after = (string) $page->json('next');
            $pages++;
        } while ($after !== '' && $pages < 10);

        self::assertCount(230, $seen);
        self::assertCount(230, array_unique($seen));
        self::assertSame(3, $pages);
        $keys = array_column($lines, match ($sort) {
            'number' => 'number',
            'birth' => 'born',
            'death' => 'died',
            default => 'filed',
        });
        // A prefix does not count in the order.
        $keys = $sort === 'number' ? $keys : str_replace(' van der', '', $keys);
        // Whoever has no date stands after all who have one.
        $keys = $sort === 'number' ? $keys : array_map(static fn (string $key): string => $key === '' ? '~' : $key, $keys);
        $runs = array_values(
            array_filter($keys, static fn (int|string $key, int $at): bool => $at === 0 || $keys[$at - 1] !== $key, ARRAY_FILTER_USE_BOTH));
        self::assertSame(array_values(array_unique($keys)), $runs, 'Those who are alike stand together.');
        if (in_array($sort, ['number', 'birth', 'death'], true)) {
            $ordered = $runs;
            sort($ordered);
            self::assertSame($ordered, $runs);
        }
    }

    public function test_only_the_first_page_counts(): void
    {
        $this->bringInto($this->crowd(120))->assertSuccessful();
        $first = $this->api('GET', '/people')->assertOk();
        self::assertSame([120, 120], [$first->json('shown'), $first->json('total')]);
        $second = $this->api('GET', '/people?'.http_build_query(['after' => $first->json('next')]))->assertOk();
        self::assertCount(20, $second->json('rows'));
        self::assertNull($second->json('next'));
        self::assertSame(['people' => 12, 'shown' => 12, 'total' => 120], [
            'people' => count($this->api('GET', '/people?q=Bran')->json('rows')),
            'shown' => $this->api('GET', '/people?q=Bran')->json('shown'),
            'total' => $this->api('GET', '/people?q=Bran')->json('total'),
        ]);
    }

    /** @return iterable<string, array{array<string, string>, list<string>}> */
    public static function narrowings(): iterable
    {
        $everybody = ['Ann Osk', 'Bran Osk', 'Cora Drum', 'Dan Quillan', 'Eve Penhask', 'Xan Osk'];
        yield 'nothing' => [[], $everybody];
        yield 'women' => [['sex' => 'F'], ['Ann Osk', 'Cora Drum', 'Eve Penhask']];
        yield 'of neither sex' => [['sex' => 'U'], ['Xan Osk']];
        yield 'a sex that is none' => [['sex' => 'Q'], $everybody];
        yield 'born from' => [['from' => '1850'], ['Bran Osk', 'Dan Quillan', 'Eve Penhask']];
        yield 'born to' => [['to' => '1850'], ['Ann Osk', 'Bran Osk']];
        yield 'born in' => [['from' => '1850', 'to' => '1850'], ['Bran Osk']];
        yield 'a year without end' => [['from' => '1850', 'to' => '99999999'], ['Bran Osk', 'Dan Quillan', 'Eve Penhask']];
        yield 'years the wrong way round' => [['from' => '1860', 'to' => '1850'], []];
        yield 'the living' => [['only' => 'living'], ['Cora Drum', 'Eve Penhask', 'Xan Osk']];
        yield 'undated' => [['only' => 'undated'], ['Cora Drum', 'Xan Osk']];
        yield 'tied to nobody' => [['only' => 'tied to nobody'], ['Dan Quillan', 'Eve Penhask', 'Xan Osk']];
        yield 'sex unknown' => [['only' => 'sex unknown'], ['Xan Osk']];
        yield 'a kind of narrowing that is none' => [['only' => 'everything'], $everybody];
        yield 'two at once' => [['sex' => 'F', 'only' => 'undated'], ['Cora Drum']];
        yield 'a surname and a year' => [['q' => 'Osk', 'from' => '1840'], ['Ann Osk', 'Bran Osk']];
        yield 'a place that is none' => [['place' => 'Tolsay'], $everybody];
    }

    /**
     * @param  array<string, string>  $by
     * @param  list<string>  $names
     */
    #[DataProvider('narrowings')]
    public function test_each_narrowing_finds_exactly_those_meant(array $by, array $names): void
    {
        $this->six();
        $page = $this->api('GET', '/people?'.http_build_query($by))->assertOk();

        self::assertEqualsCanonicalizing($names, array_column($page->json('rows'), 'name'));
        self::assertSame(count($names), $page->json('shown'));
    }

    public function test_those_of_a_place_are_found_by_their_own_facts_and_by_those_of_a_couple(): void
    {
        [$ann, $bran] = $this->six();
        $tolsay = $this->api('POST', '/places', ['name' => 'Tolsay'])->assertOk()->json('id');
        $this->api('POST', '/places', ['name' => 'Pellmouth', 'insideId' => $tolsay])->assertOk();
        $this->api('POST', "/people/{$bran}/facts", ['kind' => 'residence', 'place' => 'Pellmouth', 'date' => '1881'])->assertOk();
        $at = fn (): array => array_column($this->api('GET', "/people?place={$tolsay}")->assertOk()->json('rows'), 'name');
        self::assertEqualsCanonicalizing(['Bran Osk'], $at());
        $withCora = array_filter($this->api('GET', "/people/{$ann}")->json('unions'),
            static fn (array $union): bool => array_column($union['partners'], 'name') === ['Cora Drum']);
        $union = array_values($withCora)[0]['id'];
        $this->api('POST', "/unions/{$union}/facts", ['kind' => 'marriage', 'place' => 'Pellmouth', 'date' => '1869'])->assertOk();
        self::assertEqualsCanonicalizing(['Ann Osk', 'Cora Drum', 'Bran Osk'], $at());
    }

    public function test_an_empty_tree_and_a_cursor_that_is_none(): void
    {
        $page = $this->api('GET', '/people')->assertOk();
        self::assertSame([[], null, 0, 0], [$page->json('rows'), $page->json('next'), $page->json('shown'), $page->json('total')]);
        $this->person('Ann Osk w');
        foreach (['x', '%00', '["a"]', '{"a":[1]}', '["a","b"]', '[1,"b"]', '["\u0000","\u0000"]', '[9e99,"b"]', '["a",["b"]]'] as $after) {
            foreach (['name', 'number', 'birth'] as $sort) {
                self::assertLessThan(500,
                    $this->api('GET', '/people?'.http_build_query(['sort' => $sort, 'after' => base64_encode($after)]))->getStatusCode(),
                    "{$sort} {$after}");
            }
        }
    }

    /** @return array{string, string} Ann, partner of Cora and mother of Bran; and Bran */
    private function six(): array
    {
        $ann = $this->person('Ann Osk w b 1845 d 1901');
        $bran = $this->relative($ann, 'child', 'Bran Osk h b 1850 d 1920');
        $this->relative($ann, 'partner', 'Cora Drum w');
        $this->person('Dan Quillan h b 1855 d 1900');
        $this->person('Eve Penhask w b 1990');
        $this->person('Xan Osk');

        return [$ann, $bran];
    }

    private function crowd(int $count): string
    {
        $ged = "0 HEAD\n1 GEDC\n2 VERS 7.0\n";
        $names = ['Ann /Osk/', 'Ann /Osk/', 'Bran /Drum/', 'Öda /Quillan/', 'Ann /van der Osk/', '/Penhask/', 'Kit /O’Corran/', 'kit /osk/',
            'Moll', '?'];
        for ($i = 0; $i < $count; $i++) {
            $born = $i % 3 === 0 ? '' : "1 BIRT\n2 DATE ".(1800 + $i % 7)."\n";
            $died = $i % 4 === 0 ? '' : "1 DEAT\n2 DATE ".(1870 + $i % 5)."\n";
            $ged .= "0 @I{$i}@ INDI\n1 NAME {$names[$i % 10]}\n{$born}{$died}";
        }

        return $ged."0 TRLR\n";
    }
}
