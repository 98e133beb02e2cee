<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Tree;

use NorthBough\Core\Chrono\DateStyle;
use NorthBough\Core\Naming\MarriedName;
use NorthBough\Core\Naming\NameKind;
use NorthBough\Core\Naming\NameOrder;
use NorthBough\Core\Naming\NameStyle;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\FormattedTree;
use NorthBough\Core\Tree\MarriedCustom;
use NorthBough\Core\Tree\Name;
use NorthBough\Core\Tree\Person;
use PHPUnit\Framework\TestCase;

final class FormattedTreeTest extends TestCase
{
    public function test_a_married_name_is_shown_by_the_last_wedding(): void
    {
        $tree = $this->reading(MarriedCustom::WifeTakesHusbands);
        $shown = array_map(static fn (Person $person): string => $person->name()->shown(),
            $tree->people(['moll', 'jean', 'una', 'ewan', 'bran']));

        self::assertSame([
            'moll' => 'Moll Drum, born Stair',
            // With him, and no wedding told.
            'jean' => 'Jean Penhask',
            'una' => 'Una Osk',
            'ewan' => 'Ewan Tarrel',
            'bran' => 'Bran Drum',
        ], array_replace(array_fill_keys(['moll', 'jean', 'una', 'ewan', 'bran'], ''), $shown));
    }

    public function test_where_each_keeps_their_own_nothing_is_shown_by_rule(): void
    {
        self::assertSame('Moll Stair', $this->reading(MarriedCustom::EachKeeps)->people(['moll'])['moll']->name()->shown());
    }

    public function test_a_married_name_that_a_record_tells_comes_before_the_rule(): void
    {
        $person = new Person('p', 1, Sex::Male, [
            new Name('a', NameKind::Birth, PersonalName::parse('Ludo Maddern')),
            new Name('b', NameKind::Married, PersonalName::parse('Ludo Averay')),
        ], []);
        self::assertSame('Averay', MarriedCustom::EachKeeps->surnameOf($person, [], []));
    }

    public function test_dates_of_people_and_unions_are_in_the_readers_style(): void
    {
        $tree = $this->reading(MarriedCustom::WifeTakesHusbands);
        self::assertSame('30 July 1847', $tree->people(['ewan'])['ewan']->leading('birth')?->date->shown);
        self::assertSame(['17 October 1888', '3 May 1901'],
            array_map(static fn ($union): ?string => $union->marriage()?->date->shown, $tree->unionsOf(['moll'])['moll']));
        self::assertSame('17 October 1888', $tree->unions(['first'])['first']->marriage()?->date->shown);
    }

    private function reading(MarriedCustom $custom): FormattedTree
    {
        $isles = (new Isles)
            ->person('ewan', 'Ewan Tarrel h b 30 July 1847 Hask')->person('moll', 'Moll Stair w')->person('bran', 'Bran Drum h')
            ->person('jean', 'Jean Penhask w')->person('una', 'Una Osk w')
            ->union('first', ['ewan', 'moll'], [], '17 Oct 1888 Kirkhaven')->union('second', ['bran', 'moll'], [], '3 May 1901')
            ->union('third', ['bran', 'jean'], []);

        return new FormattedTree($isles->tree(), new NameStyle(NameOrder::GivenFirst, false, MarriedName::Both), DateStyle::Long, $custom);
    }
}
