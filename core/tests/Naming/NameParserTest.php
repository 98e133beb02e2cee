<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Naming;

use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Naming\SearchForm;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NameParserTest extends TestCase
{
    /** @param  array<string, string>  $parts */
    #[DataProvider('names')]
    public function test_reads(string $typed, array $parts, string $shown): void
    {
        $name = PersonalName::parse($typed);

        self::assertSame($parts, array_filter(get_object_vars($name), static fn (string $part): bool => $part !== ''));
        self::assertSame($shown, $name->shown());
    }

    /** @return iterable<array{string, array<string, string>, string}> */
    public static function names(): iterable
    {
        yield ['Ewan Tarrel', ['given' => 'Ewan', 'surname' => 'Tarrel'], 'Ewan Tarrel'];
        yield ['  Ewan   Tarrel ', ['given' => 'Ewan', 'surname' => 'Tarrel'], 'Ewan Tarrel'];
        yield ['Ewan', ['given' => 'Ewan'], 'Ewan'];
        yield ['MacDonald, Flora', ['given' => 'Flora', 'surname' => 'MacDonald'], 'Flora MacDonald'];
        yield ['Tarrel, Rev. Ewan', ['given' => 'Ewan', 'surname' => 'Tarrel', 'title' => 'Rev.'], 'Rev. Ewan Tarrel'];
        yield ['van der Berg, Pieter', ['given' => 'Pieter', 'surnamePrefix' => 'van der', 'surname' => 'Berg'], 'Pieter van der Berg'];
        yield ['Berg, Pieter van der', ['given' => 'Pieter', 'surnamePrefix' => 'van der', 'surname' => 'Berg'], 'Pieter van der Berg'];
        yield ['Halloway Sten, Ann Mary', ['given' => 'Ann Mary', 'surname' => 'Halloway Sten'], 'Ann Mary Halloway Sten'];
        yield ['Tarrel, ?', ['surname' => 'Tarrel'], 'Tarrel'];
        yield ['Magnus Tarrel, Jr', ['given' => 'Magnus', 'surname' => 'Tarrel', 'suffix' => 'Jr'], 'Magnus Tarrel Jr'];
        yield ['Oliver St. John', ['given' => 'Oliver', 'surname' => 'St. John'], 'Oliver St. John'];
        yield ['Una Mary St John', ['given' => 'Una Mary', 'surname' => 'St John'], 'Una Mary St John'];
        yield ['St. John, Oliver', ['given' => 'Oliver', 'surname' => 'St. John'], 'Oliver St. John'];
        yield ['St. John', ['given' => 'St.', 'surname' => 'John'], 'St. John'];
        yield ['John B Tarrel', ['given' => 'John B', 'surname' => 'Tarrel'], 'John B Tarrel'];
        yield ['Pieter van der Berg', ['given' => 'Pieter', 'surnamePrefix' => 'van der', 'surname' => 'Berg'], 'Pieter van der Berg'];
        yield ['Oscar Halloway-Sten', ['given' => 'Oscar', 'surname' => 'Halloway-Sten'], 'Oscar Halloway-Sten'];
        yield ['Keziah "Hezzy" Osk', ['given' => 'Keziah', 'surname' => 'Osk', 'nickname' => 'Hezzy'], 'Keziah “Hezzy” Osk'];
        yield ['Magnus Tarrel Jr', ['given' => 'Magnus', 'surname' => 'Tarrel', 'suffix' => 'Jr'], 'Magnus Tarrel Jr'];
        yield ['Rev. John Fenwhistle', ['given' => 'John', 'surname' => 'Fenwhistle', 'title' => 'Rev.'], 'Rev. John Fenwhistle'];
        yield ['Ann Mary /Halloway Sten/', ['given' => 'Ann Mary', 'surname' => 'Halloway Sten'], 'Ann Mary Halloway Sten'];
        yield ['/Osk/', ['surname' => 'Osk'], 'Osk'];
        yield ['? Drum', ['surname' => 'Drum'], 'Drum'];
        yield ['Hezzy ?', ['given' => 'Hezzy'], 'Hezzy'];
        yield ['Ewan /van Tarrel/ the younger',
            ['given' => 'Ewan', 'surnamePrefix' => 'van', 'surname' => 'Tarrel', 'suffix' => 'the younger'], 'Ewan van Tarrel the younger'];
        yield ['Мария Иванова', ['given' => 'Мария', 'surname' => 'Иванова'], 'Мария Иванова'];
        yield ['?', [], '?'];
        yield ['', [], '?'];
    }

    #[DataProvider('names')]
    public function test_slashes_keep_the_surname_apart(string $typed): void
    {
        $name = PersonalName::parse($typed);
        $again = PersonalName::parse($name->withSlashes());

        self::assertSame([$name->given, $name->surnamePrefix, $name->surname], [$again->given, $again->surnamePrefix, $again->surname]);
    }

    public function test_files_by_surname(): void
    {
        self::assertSame('Berg, Pieter van der', PersonalName::parse('Pieter van der Berg')->filed());
        self::assertSame('?, Ewan', PersonalName::parse('Ewan')->filed());
    }

    public function test_is_searched_for_without_accents_or_marks(): void
    {
        self::assertSame('oonagh o corran', SearchForm::of('Oönagh O’Corrán'));
        self::assertSame('strasse', SearchForm::of('Straße'));
    }
}
