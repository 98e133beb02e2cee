<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Naming;

use NorthBough\Core\Entry\SurnameOffer;
use NorthBough\Core\Naming\Custom\NamingCustom;
use NorthBough\Core\Naming\Custom\NamingCustoms;
use NorthBough\Core\Naming\Custom\Patronymic;
use NorthBough\Core\Naming\Custom\SurnameSources;
use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Name;
use NorthBough\Core\Tree\Person;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class NamingCustomTest extends TestCase
{
    /** Custom, father, mother, farm; the son's surname, the daughter's, and that of a child of unknown sex. */
    private const CHILDREN = [
        ['father', 'Magnus Tarrel', 'Annot Ibsley', '', 'Tarrel', 'Tarrel', 'Tarrel'],
        ['father', 'Pieter van der Berg', '', '', 'van der Berg', 'van der Berg', 'van der Berg'],
        ['father', '', 'Annot Ibsley', '', '', '', ''],
        ['mother', 'Magnus Tarrel', 'Annot Ibsley', '', 'Ibsley', 'Ibsley', 'Ibsley'],
        ['both', 'Juan /García López/', 'Ana /Ruiz Pérez/', '', 'García Ruiz', 'García Ruiz', 'García Ruiz'],
        ['both', 'Luis /de la Torre Vega/', 'Eva /Mora/', '', 'de la Torre Mora', 'de la Torre Mora', 'de la Torre Mora'],
        ['patronymic nordic', 'Magnus Eriksson', '', '', 'Magnusson', 'Magnusdotter', ''],
        ['patronymic nordic', 'Lars Olof Persson', '', '', 'Larsson', 'Larsdotter', ''],
        ['patronymic danish', 'Hans Pedersen', '', '', 'Hansen', 'Hansdatter', ''],
        ['patronymic danish', 'Peder Hansen', '', '', 'Pedersen', 'Pedersdatter', ''],
        ['patronymic icelandic', 'Jón Einarsson', '', '', 'Jónsson', 'Jónsdóttir', ''],
        ['patronymic welsh', 'Rhys ap Owen', '', '', 'ap Rhys', 'ferch Rhys', ''],
        ['patronymic nordic', '', 'Brita Larsdotter', '', '', '', ''],
        ['farm', 'Ole Hansen', '', 'Nethery', 'Nethery', 'Nethery', 'Nethery'],
        ['farm', 'Ole Hansen', '', '', 'Hansen', 'Hansen', 'Hansen'],
        ['none', 'Magnus Tarrel', 'Annot Ibsley', 'Nethery', '', '', ''],
    ];

    /** @return iterable<string, list<string>> */
    public static function children(): iterable
    {
        foreach (self::CHILDREN as $row) {
            yield implode(' · ', $row) => $row;
        }
    }

    #[DataProvider('children')]
    public function test_a_surname_is_handed_on(
        string $custom,
        string $father,
        string $mother,
        string $farm,
        string $son,
        string $daughter,
        string $unknown,
    ): void {
        $parents = new SurnameSources(PersonalName::parse($father), PersonalName::parse($mother), $farm);
        $of = static fn (Sex $sex): string => NamingCustoms::named($custom)->surnameOf($sex, $parents);

        self::assertSame([$son, $daughter, $unknown], [$of(Sex::Male), $of(Sex::Female), $of(Sex::Unknown)]);
    }

    public function test_only_some_customs_say_a_fathers_surname_by_his_child(): void
    {
        $fathers = [];
        foreach (NamingCustoms::all() as $custom) {
            $fathers[$custom->code()] = $custom->fathersSurname('García Ruiz');
        }
        self::assertSame(['father' => 'García Ruiz', 'both' => 'García'], array_filter($fathers));
    }

    public function test_codes_are_no_two_the_same_and_an_unknown_one_is_the_fathers(): void
    {
        $codes = array_map(static fn (NamingCustom $custom): string => $custom->code(), NamingCustoms::all());
        self::assertSame($codes, array_unique($codes));
        self::assertSame('father', NamingCustoms::named('of the moon')->code());
    }

    public function test_a_patronymic_is_known_as_that_of_a_father(): void
    {
        self::assertTrue(Patronymic::nordic()->isOf('Larsdotter', 'Lars Olof'));
        self::assertTrue(Patronymic::icelandic()->isOf('Jonsdottir', 'Jón'));
        self::assertFalse(Patronymic::nordic()->isOf('Larsson', 'Olof'));
        self::assertFalse(Patronymic::nordic()->isOf('sson', ''));
    }

    public function test_the_offer_goes_by_relation_and_parents(): void
    {
        $person = static fn (string $name, Sex $sex): Person => new Person($name, 1, $sex,
            [new Name('n', NameKind::Birth, PersonalName::parse($name))], []);
        $mother = $person('Annot Ibsley', Sex::Female);
        $father = $person('Ewan van Tarrel', Sex::Male);
        $fathers = NamingCustoms::named('father');
        $nordic = NamingCustoms::named('patronymic nordic');

        self::assertSame('van Tarrel', SurnameOffer::forRelative('child', $mother, [$father], [], $fathers));
        self::assertSame('van Tarrel', SurnameOffer::forRelative('child', $father, [$mother], [], $fathers));
        self::assertSame('', SurnameOffer::forRelative('child', $mother, [], [], $fathers));
        self::assertSame('Ibsley', SurnameOffer::forRelative('father', $mother, [], [], $fathers));
        self::assertSame('', SurnameOffer::forRelative('mother', $mother, [], [], $fathers));
        self::assertSame('', SurnameOffer::forRelative('child', $father, [], [], $nordic));
        self::assertSame('Ewansdotter', SurnameOffer::forRelative('daughter', $mother, [$father], [], $nordic));
        self::assertSame('Ewansson',
            SurnameOffer::forRelative('brother', $person('Kirsty Ewansdotter', Sex::Female), [], [$father, $mother], $nordic));
        self::assertSame('', SurnameOffer::forRelative('brother', $person('Kirsty Ewansdotter', Sex::Female), [], [], $nordic));
    }
}
