<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Kin;

use NorthBough\Core\Kin\KinKind;
use NorthBough\Core\Kin\KinWords;
use NorthBough\Core\Kin\LineageMeeting;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\ParentageKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The words of the trade for generations up and down, written out by hand. */
final class KinWordsTest extends TestCase
{
    /** @return iterable<string, array{int, int, Sex, string}> up, down, sex of the other, word */
    public static function blood(): iterable
    {
        $rows = [
            [1, 0, 'F', 'mother'], [2, 0, 'M', 'grandfather'], [3, 0, 'F', 'great-grandmother'], [4, 0, 'M', 'great-great-grandfather'],
            [5, 0, 'U', '3 × great-grandparent'], [12, 0, 'F', '10 × great-grandmother'],
            [0, 1, 'M', 'son'], [0, 2, 'F', 'granddaughter'], [0, 3, 'U', 'great-grandchild'], [0, 6, 'M', '4 × great-grandson'],
            [1, 1, 'M', 'brother'], [1, 1, 'F', 'sister'], [1, 1, 'U', 'sibling'],
            [2, 1, 'M', 'uncle'], [2, 1, 'U', 'aunt or uncle'], [3, 1, 'F', 'great-aunt'], [4, 1, 'M', 'great-great-uncle'],
            [5, 1, 'F', '3 × great-aunt'],
            [1, 2, 'F', 'niece'], [1, 3, 'M', 'great-nephew'], [1, 4, 'U', 'great-great-nephew or niece'],
            [2, 2, 'M', 'first cousin'], [2, 3, 'F', 'first cousin once removed'], [3, 2, 'F', 'first cousin once removed'],
            [4, 2, 'M', 'first cousin twice removed'], [2, 5, 'M', 'first cousin 3 times removed'],
            [3, 3, 'U', 'second cousin'], [11, 11, 'M', 'tenth cousin'], [12, 12, 'M', '11th cousin'], [13, 13, 'M', '12th cousin'],
            [22, 22, 'M', '21st cousin'], [23, 24, 'M', '22nd cousin once removed'], [24, 24, 'F', '23rd cousin'],
            [112, 112, 'F', '111th cousin'],
        ];
        foreach ($rows as [$up, $down, $sex, $word]) {
            yield "{$up} up, {$down} down, {$sex}" => [$up, $down, Sex::from($sex), $word];
        }
    }

    #[DataProvider('blood')]
    public function test_the_word_by_generations(int $up, int $down, Sex $sex, string $word): void
    {
        self::assertSame($word, (new KinWords($up, $down, $up === 0 || $down === 0 ? LineageMeeting::Direct : LineageMeeting::Full))
            ->word($sex, KinKind::Blood));
    }

    /**
     * @return iterable<string, array{int, int, LineageMeeting, KinKind, int, string}> up, down, meeting, kind of the ties,
     *     couples, word for a woman
     */
    public static function told(): iterable
    {
        yield 'half' => [1, 1, LineageMeeting::Half, KinKind::Blood, 1, 'half sister'];
        yield 'not known whether half' => [2, 2, LineageMeeting::HalfOrFull, KinKind::Blood, 1, 'first cousin, half or full'];
        yield 'double' => [2, 2, LineageMeeting::Full, KinKind::Blood, 2, 'double first cousin'];
        yield 'quadruple' => [2, 3, LineageMeeting::Full, KinKind::Blood, 4, 'quadruple first cousin once removed'];
        yield 'five times' => [3, 3, LineageMeeting::Full, KinKind::Blood, 5, '5-fold second cousin'];
        yield 'no sister is double' => [1, 1, LineageMeeting::Full, KinKind::Blood, 2, 'sister'];
        yield 'adoptive' => [1, 0, LineageMeeting::Direct, KinKind::Adoptive, 1, 'adoptive mother'];
        yield 'foster and half' => [1, 1, LineageMeeting::Half, KinKind::Foster, 1, 'foster half sister'];
        yield 'a guardian' => [1, 0, LineageMeeting::Direct, KinKind::Guardian, 1, 'guardian'];
        yield 'a ward' => [0, 1, LineageMeeting::Direct, KinKind::Guardian, 1, 'ward'];
        yield 'the mother of a guardian' => [2, 0, LineageMeeting::Direct, KinKind::Guardian, 1, 'guardian grandmother'];
    }

    #[DataProvider('told')]
    public function test_what_is_told_before_the_word(
        int $up,
        int $down,
        LineageMeeting $meeting,
        KinKind $kind,
        int $couples,
        string $word,
    ): void {
        self::assertSame($word, (new KinWords($up, $down, $meeting))->word(Sex::Female, $kind, $couples));
    }

    /** A path is as far from blood as its farthest tie, whatever else is on it. */
    public function test_the_kind_of_a_path_is_its_farthest(): void
    {
        $far = [KinKind::Recognised, KinKind::Adoptive, KinKind::Foster, KinKind::Guardian];
        foreach ($far as $at => $kind) {
            self::assertSame($kind, KinKind::ofBits($kind->bit()));
            foreach (array_slice($far, 0, $at) as $nearer) {
                self::assertSame($kind, KinKind::ofBits($kind->bit() | $nearer->bit()));
            }
        }
        self::assertSame(KinKind::Blood, KinKind::ofBits(0));
        self::assertSame(KinKind::Recognised, KinKind::of(ParentageKind::Other));
    }
}
