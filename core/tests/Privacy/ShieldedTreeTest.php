<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Privacy;

use NorthBough\Core\Gedcom\Out\GedcomWriter;
use NorthBough\Core\Gedcom\Out\ShieldedRows;
use NorthBough\Core\Gedcom\Version;
use NorthBough\Core\Privacy\LivingNames;
use NorthBough\Core\Privacy\ShieldedTree;
use NorthBough\Core\Tests\Gedcom\MemoryTree;
use NorthBough\Core\Tests\Tree\Isles;
use NorthBough\Core\Tree\PersonAside;
use NorthBough\Core\Tree\PictureCut;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ShieldedTreeTest extends TestCase
{
    #[DataProvider('texts')]
    public function test_names_of_the_living_are_taken_out_of_texts(string $text, string $told): void
    {
        $names = new LivingNames([['Una Mary', 'Fenwhistle'], ['Kit', 'Halloway-Sten'], ['Jan', 'van der Osk']]);

        self::assertSame($told, $names->hide($text));
        self::assertSame($told === $text ? [] : [$text], $names->found());
    }

    /** @return iterable<string, array{string, string}> */
    public static function texts(): iterable
    {
        yield 'in a sentence' => ['told by Una Fenwhistle in 2019', 'told by [living] in 2019'];
        yield 'surname first' => ['Letter from Fenwhistle, Una, of Pellmouth', 'Letter from [living], of Pellmouth'];
        yield 'with a second name between' => ['and Una Mary Fenwhistle says', 'and [living] says'];
        yield 'a double name' => ['ask Kit Halloway-Sten first', 'ask [living] first'];
        yield 'a prefix' => ['Jan Van Der Osk wrote', '[living] wrote'];
        yield 'the dead keep their surname' => ['The Fenwhistle family of Kirkhaven', 'The Fenwhistle family of Kirkhaven'];
        yield 'and their given names' => ['Una Tarrel, light keeper', 'Una Tarrel, light keeper'];
        yield 'nothing to hide' => ['born at sea', 'born at sea'];
        yield 'in small letters' => ['told by una fenwhistle in 2019', 'told by [living] in 2019'];
        yield 'in capitals' => ['UNA MARY FENWHISTLE', '[living]'];
        yield 'by the second name' => ['Mary Fenwhistle has the letters', '[living] has the letters'];
        yield 'with an initial between' => ['Una M. Fenwhistle has them', '[living] has them'];
        yield 'surname first in capitals' => ['FENWHISTLE, Una Mary', '[living]'];
        yield 'over a line break' => ["told by Una\nFenwhistle", 'told by [living]'];
        yield 'joined as in the name of a file' => ['una_fenwhistle_1980.jpg', '[living]_1980.jpg'];
        yield 'a prefix in small letters' => ['asked jan van der osk', 'asked [living]'];
        yield 'twice' => ['Una Fenwhistle; Fenwhistle, Una', '[living]; [living]'];
        yield 'two of the living' => ['Una Fenwhistle and Jan van der Osk', '[living] and [living]'];
        yield 'alone in a text' => ['Una Fenwhistle', '[living]'];
        yield 'not over the end of a sentence' => ['She met Una; Fenwhistle was away', 'She met Una; Fenwhistle was away'];
        yield 'not when far apart' => ['Una went to see whether old Fenwhistle', 'Una went to see whether old Fenwhistle'];
        yield 'not within words' => ['Unarmed Fenwhistles', 'Unarmed Fenwhistles'];
    }

    public function test_the_portraits_of_the_dead_stay_and_what_is_asked_of_anybody_goes(): void
    {
        $tree = (new Isles)->person('ewan', 'Ewan Tarrel b 1847 d 1923')->person('una', 'Una Osk b 1990')
            ->aside('ewan', new PersonAside(new PictureCut('m1'), 2))->aside('una', new PersonAside(new PictureCut('m2'), 1))->tree();
        $shielded = new ShieldedTree($tree, static fn (array $ids): array => array_values(array_intersect($ids, ['una'])),
            new LivingNames([]));

        self::assertEquals(['ewan' => new PersonAside(new PictureCut('m1'))], $shielded->asides(['ewan', 'una']));
    }

    public function test_a_file_says_of_the_living_only_that_they_are_there(): void
    {
        $tree = MemoryTree::reading(<<<'GED'
            0 HEAD
            1 GEDC
            2 VERS 7.0
            0 @I1@ INDI
            1 NAME Magnus /Osk/
            2 NOTE Told by Una Osk
            1 BIRT
            2 DATE 1880
            2 ASSO @I2@
            3 ROLE WITN
            1 NOTE His granddaughter Una Osk has the letters.
            1 OBJE @O1@
            1 FAMS @F1@
            0 @I2@ INDI
            1 NAME Una /Osk/
            1 SEX F
            1 BIRT
            2 DATE 3 MAY 1980
            2 PLAC Pellmouth
            1 OBJE @O2@
            1 NOTE secret
            1 FAMC @F1@
            1 FAMS @F2@
            0 @F1@ FAM
            1 HUSB @I1@
            1 CHIL @I2@
            1 MARR
            2 DATE 1905
            0 @F2@ FAM
            1 WIFE @I2@
            1 MARR
            2 DATE 2005
            1 NCHI 3
            0 @O1@ OBJE
            1 FILE media/letters-of-Una Osk.jpg
            2 FORM image/jpeg
            0 @O2@ OBJE
            1 FILE una.jpg
            2 FORM image/jpeg
            0 @S1@ SOUR
            1 TITL Interview with Una Osk, 2019
            0 TRLR
            GED);
        $living = '';
        foreach ($tree->people() as [$person]) {
            $living = $person->names[0]->name->given === 'Una' ? $person->person->id : $living;
        }
        $rows = new ShieldedRows($tree, static fn (string $id): bool => $id === $living, new LivingNames([['Una', 'Osk']]));
        $file = implode('', iterator_to_array(GedcomWriter::write($rows, Version::V7, new \DateTimeImmutable('2026-01-02')), false));

        foreach (['Una', '1980', 'Pellmouth', 'secret', '2005', 'NCHI', 'una.jpg'] as $word) {
            self::assertStringNotContainsString($word, $file);
        }
        foreach (["0 @I2@ INDI\n1 NAME Living\n2 TYPE BIRTH\n1 FAMC @F1@\n1 FAMS @F2@\n", "1 CHIL @I2@\n", "2 DATE 1905\n",
            '1 NOTE His granddaughter [living] has', "0 @O1@ OBJE\n", 'TITL Interview with [living], 2019'] as $words) {
            self::assertStringContainsString($words, $file);
        }
        self::assertSame(1, $rows->withheld());
        self::assertCount(4, $rows->namedIn());
    }

    public function test_a_drawing_or_report_sees_the_living_as_one_word(): void
    {
        $isles = (new Isles)->person('a', 'Magnus Osk b 1880 d 1950', cited: true)->person('b', 'Una Osk w b 1980')->person('c', 'Bran Osk')
            ->union('u', ['a'], ['b'], '1905')->union('v', ['b', 'c'], [], '2005');
        $tree = new ShieldedTree($isles->tree(), static fn (array $ids): array => array_values(array_intersect($ids, ['b'])),
            new LivingNames([['Una', 'Osk']]));

        $people = $tree->people(['a', 'b']);
        self::assertSame(['Magnus Osk', 'Living'], [$people['a']->name()->shown(), $people['b']->name()->shown()]);
        self::assertSame([], $people['b']->events);
        self::assertNotSame([], $people['a']->events);
        self::assertNotNull($tree->unions(['u'])['u']->marriage());
        self::assertNull($tree->unions(['v'])['v']->marriage());
        self::assertSame(1, $tree->withheld());
    }
}
