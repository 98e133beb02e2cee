<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Kin;

use NorthBough\Core\Kin\Kinship;
use NorthBough\Core\Kin\Relationship;
use NorthBough\Core\Tests\Tree\Isles;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Proof;
use NorthBough\Core\Tree\Standing;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What B is to A in small families whose kinships are worked out by hand. */
final class KinshipTest extends TestCase
{
    /** @param  list<string>  $expected */
    #[DataProvider('drums')]
    #[DataProvider('marriages')]
    #[DataProvider('tiesOfOtherKinds')]
    #[DataProvider('double')]
    public function test_terms(Isles $isles, string $a, string $b, array $expected): void
    {
        self::assertSame($expected, self::terms($isles, $a, $b));
    }

    /** @return iterable<string, array{Isles, string, string, list<string>}> */
    public static function drums(): iterable
    {
        // g4 above g3 above … above ego: a straight line with an aunt and cousins at its side.
        $isles = (new Isles)
            ->person('gggg', 'Ann Drum w')->person('ggg', 'Ben Drum h')->person('gg', 'Cath Drum w')->person('g', 'Dan Drum h')
            ->person('gw', 'Dora Osk w')
            ->person('p', 'Ewan Drum h')->person('pw', 'Edith Quillan w')->person('aunt', 'Flora Drum w')->person('x', 'Xan Drum')
            ->person('ego', 'Gil Drum h')->person('sis', 'Hild Drum w')->person('cousin', 'Ib Corran h')->person('cc', 'Jo Corran w')
            ->person('ccc', 'Kai Corran')
            ->person('niece', 'Lil Osk w')->person('gniece', 'Mab Osk w')->person('gaunt', 'Nan Drum w')->person('gc', 'Oda Drum w')
            ->union('u1', ['gggg'], ['ggg'])->union('u2', ['ggg'], ['gg'])->union('u3', ['gg'], ['g', 'gaunt'])
            ->union('u4', ['g', 'gw'], ['p', 'aunt', 'x'])->union('u5', ['p', 'pw'], ['ego', 'sis'])->union('u6', ['aunt'], ['cousin'])
            ->union('u7', ['cousin'], ['cc'])->union('u8', ['cc'], ['ccc'])->union('u9', ['sis'], ['niece'])
            ->union('u10', ['niece'], ['gniece'])
            ->union('u11', ['ego'], ['gc']);
        $rows = [
            ['ego', 'ego', ['self · self']],
            ['ego', 'p', ['father · blood']],
            ['ego', 'pw', ['mother · blood']],
            ['ego', 'gw', ['grandmother · blood']],
            ['ego', 'gg', ['great-grandmother · blood']],
            ['ego', 'ggg', ['great-great-grandfather · blood']],
            ['ego', 'gggg', ['3 × great-grandmother · blood']],
            ['gggg', 'gc', ['4 × great-granddaughter · blood']],
            ['p', 'ego', ['son · blood']],
            ['g', 'ego', ['grandson · blood']],
            ['gg', 'ego', ['great-grandson · blood']],
            ['ego', 'sis', ['sister · blood']],
            ['sis', 'ego', ['brother · blood']],
            ['ego', 'aunt', ['aunt · blood']],
            ['ego', 'x', ['aunt or uncle · blood']],
            ['ego', 'gaunt', ['great-aunt, half or full · blood']],
            ['ego', 'niece', ['niece · blood']],
            ['ego', 'gniece', ['great-niece · blood']],
            ['ego', 'cousin', ['first cousin · blood']],
            ['ego', 'cc', ['first cousin once removed · blood']],
            ['cc', 'ego', ['first cousin once removed · blood']],
            ['ego', 'ccc', ['first cousin twice removed · blood']],
            ['niece', 'cc', ['second cousin · blood']],
            ['gniece', 'ccc', ['third cousin · blood']],
            ['gc', 'ccc', ['second cousin once removed · blood']],
            ['gw', 'gggg', ['great-grandmother-in-law (partner\'s great-grandmother) · in-law']],
        ];
        foreach ($rows as [$a, $b, $expected]) {
            yield "{$a} → {$b}" => [$isles, $a, $b, $expected];
        }
    }

    /** @return iterable<string, array{Isles, string, string, list<string>}> */
    public static function marriages(): iterable
    {
        // Magnus of Slatequay wed the sisters Ann and Bet Ibsley, and before them Clara.
        $isles = (new Isles)
            ->person('ib1', 'Old Ibsley h')->person('ib2', 'Nan Ibsley w')->person('ann', 'Ann Ibsley w d 1850')
            ->person('bet', 'Bet Ibsley w')->person('cal', 'Cal Ibsley h')
            ->person('calw', 'Vera Osk w')->person('magnus', 'Magnus Maddern h')->person('clara', 'Clara Drum w')
            ->person('mf', 'Jory Maddern h')
            ->person('a1', 'Ada Maddern w b 1845')->person('b1', 'Bran Maddern h b 1855')->person('c1', 'Cora Maddern w b 1835')
            ->person('hub', 'Tam Quillan h')->person('calson', 'Cy Ibsley h')->person('petch', 'Petchet Drum h')->person('lone', 'Lone Osk')
            ->union('i', ['ib1', 'ib2'], ['ann', 'bet', 'cal'], '1820')->union('m', ['mf'], ['magnus'])
            ->union('c', ['magnus', 'clara'], ['c1'], '1830')->union('a', ['magnus', 'ann'], ['a1'], '1844')
            ->union('b', ['magnus', 'bet'], ['b1'], '1852')
            ->union('w', ['hub', 'a1'], [], '1866')->union('cw', ['cal', 'calw'], ['calson'], '1850')->union('n', ['clara'], ['petch']);
        $rows = [
            ['a1', 'b1', ['half brother · blood', 'first cousin · blood']],
            ['a1', 'c1', ['half sister · blood']],
            ['magnus', 'ann', ['wife · spouse', 'sister-in-law (wife\'s sister) · in-law']],
            ['ann', 'magnus', ['husband · spouse', 'brother-in-law (sister\'s husband) · in-law']],
            ['magnus', 'ib2', ['mother-in-law (wife\'s mother) · in-law']],
            ['magnus', 'cal', ['brother-in-law (wife\'s brother) · in-law']],
            ['magnus', 'calw', ['sister-in-law (wife\'s brother\'s wife) · in-law']],
            ['calw', 'bet', ['sister-in-law (husband\'s sister) · in-law']],
            ['ib1', 'calw', ['daughter-in-law (son\'s wife) · in-law']],
            ['magnus', 'hub', ['son-in-law (daughter\'s husband) · in-law']],
            ['a1', 'calw', ['uncle\'s wife · in-law']],
            ['hub', 'calson', ['wife\'s first cousin · in-law']],
            // Bet wed Magnus after Ada was born; Ann was dead before Bran was, so she is no stepmother of his.
            ['a1', 'bet', ['stepmother · step', 'aunt · blood']],
            ['b1', 'ann', ['aunt · blood']],
            ['bet', 'a1', ['stepdaughter · step', 'niece · blood']],
            ['b1', 'petch', ['stepbrother · step']],
            ['magnus', 'lone', []],
            ['a1', 'lone', []],
        ];
        foreach ($rows as [$a, $b, $expected]) {
            yield "{$a} → {$b}" => [$isles, $a, $b, $expected];
        }
    }

    /** @return iterable<string, array{Isles, string, string, list<string>}> */
    public static function tiesOfOtherKinds(): iterable
    {
        $isles = (new Isles)
            ->person('found', 'Moses Averay h')->person('ad1', 'Averay h')->person('ad2', 'Averay w')->person('adsis', 'Sib Averay w')
            ->person('adcousin', 'Coz Averay h')
            ->person('adun', 'Unc Averay h')->person('adg', 'Grand Averay h')->person('bf', 'Birth Father h')->person('bfm', 'His Mother w')
            ->person('half', 'Half Brother h')->person('bfw', 'His Wife w')
            ->person('fo', 'Foster Mother w')->person('gu', 'Guardian Aunt w')->person('rec', 'Mother Husband h')
            ->person('no', 'Not Father h')->person('maybe', 'Said Mother w')->person('child', 'A Child w')
            ->union('g', ['adg'], ['ad1', 'adun'])->union('a', ['ad1', 'ad2'], ['found'], '', ParentageKind::Adoptive)
            ->union('as', ['ad2', 'ad1'], ['adsis'])
            ->union('ac', ['adun'], ['adcousin'])->union('bfu', ['bfm'], ['bf'])->union('b', ['bf'], ['found'])
            ->union('bh', ['bf', 'bfw'], ['half'])
            ->union('f', ['fo'], ['found'], '', ParentageKind::Foster)->union('gg', ['gu'], ['found'], '', ParentageKind::Guardian)
            ->union('r', ['rec'], ['found'], '', ParentageKind::Recognised)
            ->union('x', ['no'], ['found'], '', ParentageKind::Birth, Proof::Unstated, Standing::RuledOut)
            ->union('y', ['maybe'], ['child'], '', ParentageKind::Birth, Proof::Probable)->union('z', ['bfm'], ['maybe']);
        $rows = [
            ['found', 'ad2', ['adoptive mother · adoptive']],
            ['ad2', 'found', ['adoptive son · adoptive']],
            ['found', 'adsis', ['adoptive sister · adoptive']],
            ['found', 'adg', ['adoptive grandfather · adoptive']],
            ['found', 'adcousin', ['adoptive first cousin, half or full · adoptive']],
            ['found', 'bf', ['father · blood']],
            ['found', 'bfm', ['grandmother · blood']],
            ['found', 'half', ['brother, half or full · blood']],
            ['found', 'bfw', ['stepmother · step']],
            ['found', 'fo', ['foster mother · foster']],
            ['fo', 'found', ['foster son · foster']],
            ['found', 'gu', ['guardian · guardian']],
            ['gu', 'found', ['ward · guardian']],
            ['found', 'rec', ['recognised father · recognised']],
            ['found', 'no', []],
            ['child', 'maybe', ['said to be mother · blood']],
            ['child', 'bfm', ['said to be grandmother · blood']],
            ['child', 'bf', ['said to be uncle, half or full · blood']],
        ];
        foreach ($rows as [$a, $b, $expected]) {
            yield "{$a} → {$b}" => [$isles, $a, $b, $expected];
        }
    }

    /** @return iterable<string, array{Isles, string, string, list<string>}> */
    public static function double(): iterable
    {
        // Two Drum brothers wed two Osk sisters on Little Orran; a child of each wed one another.
        $isles = (new Isles)
            ->person('d1', 'D Drum h')->person('d2', 'E Drum w')->person('o1', 'O Osk h')->person('o2', 'P Osk w')
            ->person('db1', 'Brother Drum h')->person('db2', 'Second Drum h')->person('os1', 'Sister Osk w')->person('os2', 'Second Osk w')
            ->person('k1', 'Kit Drum h')->person('k2', 'Kat Drum w')->person('kid', 'Kid Drum')->person('kid2', 'Kim Drum w')
            ->union('d', ['d1', 'd2'], ['db1', 'db2'])->union('o', ['o1', 'o2'], ['os1', 'os2'])
            ->union('1', ['db1', 'os1'], ['k1'], '1850')->union('2', ['db2', 'os2'], ['k2'], '1851')
            ->union('3', ['k1', 'k2'], ['kid', 'kid2'], '1880');

        yield 'double first cousins' => [$isles, 'k1', 'k2', ['wife · spouse', 'double first cousin · blood']];
        yield 'siblings whose parents are kin' => [$isles, 'kid', 'kid2', ['sister · blood', 'double second cousin · blood']];
        yield 'an ancestor twice' => [$isles, 'kid', 'd1', ['great-grandfather · blood']];
        yield 'a wife\'s uncle' => [$isles, 'db1', 'k2',
            ['daughter-in-law (son\'s wife) · in-law', 'niece · blood', 'wife\'s niece · in-law']];
    }

    public function test_paths_are_counted_and_listed(): void
    {
        [$isles] = iterator_to_array(self::double())['double first cousins'];
        $cousins = Kinship::between($isles->tree(), 'k1', 'k2')[1];
        self::assertSame(4, $cousins->total);
        self::assertEqualsCanonicalizing([
            ['k1', 'db1', 'd1', 'db2', 'k2'], ['k1', 'db1', 'd2', 'db2', 'k2'],
            ['k1', 'os1', 'o1', 'os2', 'k2'], ['k1', 'os1', 'o2', 'os2', 'k2'],
        ], $cousins->paths);
        $ancestor = Kinship::between($isles->tree(), 'kid', 'd1')[0];
        self::assertSame(2, $ancestor->total);
        self::assertEqualsCanonicalizing([['kid', 'k1', 'db1', 'd1'], ['kid', 'k2', 'db2', 'd1']], $ancestor->paths);
    }

    public function test_totals_are_counted_where_paths_are_too_many_to_list(): void
    {
        // Twelve generations in which brother and sister were wed, as in a dynasty of gods: 2^12 lines to each founder.
        $isles = (new Isles)->person('m0', 'M h')->person('w0', 'W w');
        for ($i = 1; $i <= 12; $i++) {
            $isles->person("m{$i}", 'M h')->person("w{$i}", 'W w')->union("u{$i}", ['m'.($i - 1), 'w'.($i - 1)], ["m{$i}", "w{$i}"]);
        }
        $founder = Kinship::between($isles->tree(), 'm12', 'm0')[0];

        self::assertSame('10 × great-grandfather', $founder->term);
        self::assertSame(2 ** 11, $founder->total);
        self::assertCount(50, $founder->paths);
        self::assertCount(50, array_unique(array_map('serialize', $founder->paths)));
    }

    public function test_a_circle_in_a_file_does_not_hang(): void
    {
        $isles = (new Isles)->person('a', 'A h')->person('b', 'B h')->union('1', ['a'], ['b'])->union('2', ['b'], ['a']);

        self::assertNotSame([], self::terms($isles, 'a', 'b'));
    }

    /** The count agrees with trying every pair of lines, on families drawn at random. */
    public function test_counts_agree_with_enumeration(): void
    {
        mt_srand(1851);
        for ($round = 0; $round < 60; $round++) {
            $isles = new Isles;
            $parents = [];
            for ($i = 0; $i < 24; $i++) {
                $isles->person("p{$i}", $i % 2 === 0 ? 'X h' : 'X w');
                if ($i >= 6) {
                    $father = 2 * mt_rand((int) (($i - 6) / 4), intdiv($i, 2) - 1);
                    $mother = 2 * mt_rand((int) (($i - 6) / 4), intdiv($i, 2) - 1) + 1;
                    $parents["p{$i}"] = ["p{$father}", "p{$mother}"];
                    $isles->union("u{$i}", $parents["p{$i}"], ["p{$i}"]);
                }
            }
            [$a, $b] = ['p'.mt_rand(18, 23), 'p'.mt_rand(12, 17)];
            $blood = array_filter(Kinship::between($isles->tree(), $a, $b),
                static fn (Relationship $r): bool => $r->kind->value === 'blood');
            $expected = self::disjointPairs($parents, $a, $b);

            self::assertSame($expected, array_sum(array_column($blood, 'total')), "{$a} and {$b} in round {$round}");
        }
    }

    /** @param  array<string, list<string>>  $parents */
    private static function disjointPairs(array $parents, string $a, string $b): int
    {
        $count = 0;
        $ofB = self::linesUp($parents, [$b]);
        foreach (self::linesUp($parents, [$a]) as $one) {
            foreach ($ofB as $other) {
                $isMeeting = end($one) === end($other) && count(array_intersect($one, $other)) === 1;
                $count += $isMeeting ? 1 : 0;
            }
        }

        return $count;
    }

    /**
     * @param  array<string, list<string>>  $parents
     * @param  non-empty-list<string>  $line
     * @return list<non-empty-list<string>>
     */
    private static function linesUp(array $parents, array $line): array
    {
        $lines = [$line];
        foreach ($parents[$line[count($line) - 1]] ?? [] as $parent) {
            array_push($lines, ...self::linesUp($parents, [...$line, $parent]));
        }

        return $lines;
    }

    /** @return list<string> */
    private static function terms(Isles $isles, string $a, string $b): array
    {
        return array_map(static fn (Relationship $r): string => "{$r->term} · {$r->kind->value}", Kinship::between($isles->tree(), $a, $b));
    }
}
