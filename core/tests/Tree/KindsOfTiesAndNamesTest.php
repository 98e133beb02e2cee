<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Tree;

use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Tree\ParentageKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Kinds of parents and of names, and the words that the open standard has for them (GEDCOM 5.5.1 and 7, PEDI and NAME.TYPE). */
final class KindsOfTiesAndNamesTest extends TestCase
{
    /** @return iterable<string, array{string, string, ParentageKind, string, string}> PEDI, PHRASE; the kind; PEDI and PHRASE as written */
    public static function pedigrees(): iterable
    {
        yield 'nothing said' => ['', '', ParentageKind::Birth, 'BIRTH', ''];
        yield 'birth of 5.5.1' => ['birth', '', ParentageKind::Birth, 'BIRTH', ''];
        yield 'birth of 7' => ['BIRTH', '', ParentageKind::Birth, 'BIRTH', ''];
        yield 'adopted' => ['adopted', '', ParentageKind::Adoptive, 'ADOPTED', ''];
        yield 'adopted in mixed letters' => [' Adopted ', '', ParentageKind::Adoptive, 'ADOPTED', ''];
        yield 'foster' => ['FOSTER', '', ParentageKind::Foster, 'FOSTER', ''];
        yield 'a guardian' => ['OTHER', 'guardian', ParentageKind::Guardian, 'OTHER', 'guardian'];
        yield 'recognised' => ['OTHER', 'Recognised', ParentageKind::Recognised, 'OTHER', 'recognised'];
        yield 'another, with words of its own' => ['OTHER', 'milk mother', ParentageKind::Other, 'OTHER', ''];
        yield 'sealing' => ['SEALING', '', ParentageKind::Other, 'OTHER', ''];
        yield 'a word that is none' => ['godchild', '', ParentageKind::Other, 'OTHER', ''];
    }

    #[DataProvider('pedigrees')]
    public function test_pedigree_words_in_and_out(
        string $pedi,
        string $phrase,
        ParentageKind $kind,
        string $written,
        string $writtenPhrase,
    ): void {
        self::assertSame($kind, ParentageKind::fromStandard($pedi, $phrase));
        self::assertSame([$written, $writtenPhrase], [$kind->standard(), $kind->standardPhrase()]);
    }

    public function test_what_is_written_is_read_as_the_same_kind(): void
    {
        foreach (ParentageKind::cases() as $kind) {
            self::assertSame($kind, ParentageKind::fromStandard($kind->standard(), $kind->standardPhrase()));
        }
        foreach (NameKind::cases() as $kind) {
            self::assertSame($kind, NameKind::fromStandard($kind->standard()));
        }
    }

    public function test_every_kind_but_birth_is_marked_on_a_drawing_and_no_two_alike(): void
    {
        $marks = array_map(static fn (ParentageKind $kind): string => $kind->mark(), ParentageKind::cases());
        self::assertSame(['', 'ad.', 'fo.', 'gu.', 'rec.', 'oth.'], $marks);
    }

    /** @return iterable<string, array{string, NameKind, string}> */
    public static function names(): iterable
    {
        yield 'none' => ['', NameKind::Unstated, 'name'];
        yield 'birth' => ['BIRTH', NameKind::Birth, 'birth name'];
        yield 'married in small letters' => ['married', NameKind::Married, 'married name'];
        yield 'aka' => ['AKA', NameKind::AlsoKnownAs, 'also known as'];
        yield 'immigrant' => ['Immigrant', NameKind::Immigrant, 'name after migration'];
        yield 'maiden' => ['maiden', NameKind::Maiden, 'maiden name'];
        yield 'professional' => ['PROFESSIONAL', NameKind::Professional, 'professional name'];
        yield 'religious' => ['religious', NameKind::Religious, 'religious name'];
        yield 'a word that the standard does not have' => ['farm name', NameKind::Other, 'other name'];
    }

    #[DataProvider('names')]
    public function test_types_of_names(string $type, NameKind $kind, string $word): void
    {
        self::assertSame($kind, NameKind::fromStandard($type));
        self::assertSame($word, $kind->word());
    }
}
