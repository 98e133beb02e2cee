<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Naming;

use NorthBough\Core\Naming\MarriedName;
use NorthBough\Core\Naming\NameOrder;
use NorthBough\Core\Naming\NameStyle;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Naming\SearchForm;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NameStyleTest extends TestCase
{
    /** Name, married surname, order, capitals, which; as shown, as filed. */
    private const SHOWN = [
        ['Marion Tarrel', 'Drum', 'given', false, 'birth', 'Marion Tarrel', 'Tarrel, Marion'],
        ['Marion Tarrel', 'Drum', 'given', false, 'married', 'Marion Drum', 'Drum, Marion'],
        ['Marion Tarrel', 'Drum', 'given', false, 'both', 'Marion Drum, born Tarrel', 'Drum, Marion, born Tarrel'],
        ['Marion Tarrel', 'Drum', 'given', true, 'both', 'Marion DRUM, born TARREL', 'DRUM, Marion, born TARREL'],
        ['Marion Tarrel', 'Drum', 'surname', true, 'birth', 'TARREL Marion', 'TARREL, Marion'],
        ['Marion Tarrel', '', 'given', false, 'both', 'Marion Tarrel', 'Tarrel, Marion'],
        ['Marion Tarrel', 'Tarrel', 'given', false, 'both', 'Marion Tarrel', 'Tarrel, Marion'],
        ['Marion', 'Drum', 'given', false, 'both', 'Marion Drum', 'Drum, Marion'],
        ['Marion Tarrel', 'van der Osk', 'given', true, 'married', 'Marion van der OSK', 'OSK, Marion van der'],
        ['Marion van Drum', 'van Tarrel', 'surname', true, 'both', 'van TARREL Marion, born van DRUM', 'TARREL, Marion van, born van DRUM'],
        ['Rev Pieter van der Berg', '', 'surname', true, 'birth', 'van der BERG Rev Pieter', 'BERG, Pieter van der'],
        ['Keziah “Hezzy” Osk', '', 'surname', false, 'birth', 'Osk Keziah “Hezzy”', 'Osk, Keziah'],
        ['?', '', 'surname', true, 'both', '?', '?, ?'],
        ['Ångström Øre', '', 'given', true, 'birth', 'Ångström ØRE', 'ØRE, Ångström'],
    ];

    /** @return iterable<string, array{string, string, string, bool, string, string, string}> */
    public static function rows(): iterable
    {
        foreach (self::SHOWN as $row) {
            yield implode(' · ', array_map(strval(...), $row)) => $row;
        }
    }

    #[DataProvider('rows')]
    public function test_a_name_is_shown_as_its_reader_wants_it(
        string $typed,
        string $married,
        string $order,
        bool $capitals,
        string $which,
        string $shown,
        string $filed,
    ): void {
        $name = PersonalName::parse($typed);
        $styled = $name->styled(new NameStyle(NameOrder::from($order), $capitals, MarriedName::from($which)), $married);

        self::assertSame([$shown, $filed], [$styled->shown(), $styled->filed()]);
        self::assertTrue($styled->equals($name), 'the name itself is the same');
        self::assertSame($name->withSlashes(), $styled->withSlashes());
    }

    public function test_names_of_other_scripts_are_found_in_latin_letters_too(): void
    {
        self::assertSame('магнус таррел', SearchForm::of('Магнус Таррел'));
        self::assertSame('magnus tarrel', SearchForm::latin('Магнус Таррел'));
        self::assertSame('ewan tarrel', SearchForm::latin('Ewan Tarrel'));
        self::assertSame('oonagh o corran', SearchForm::latin('Oönagh O’Corrán'));
    }
}
