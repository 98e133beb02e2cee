<?php

declare(strict_types=1);

namespace NorthBough\Core\Record;

/** What a column of a roll, or a field of the head of a record, is about; none where it says nothing of a life. */
enum ColumnMeaning: string
{
    case Relation = 'relation';
    case Sex = 'sex';
    case Age = 'age';
    case Condition = 'condition';
    case YearsMarried = 'years married';
    case ChildrenBorn = 'children born';
    case ChildrenLiving = 'children living';
    case Trade = 'trade';
    case Religion = 'religion';
    case BirthDate = 'birth date';
    case BirthPlace = 'birthplace';
    case DeathDate = 'death date';
    case DeathPlace = 'death place';
    case BurialDate = 'burial date';
    case MarriageDate = 'marriage date';
    case MarriagePlace = 'marriage place';
    case Abode = 'abode';
    case From = 'from';
    case Until = 'until';
    case Dwelling = 'dwelling';
    case Number = 'number';
    case Page = 'page';
    case Words = 'words';

    /** What this is called where a column is drawn. */
    public function word(): string
    {
        return match ($this) {
            self::Relation => 'relation to the first of the household',
            self::Age => 'age, told on the day of reckoning',
            self::Condition => 'single, married or widowed',
            self::From => 'from when',
            self::Until => 'until when',
            self::Number => 'a number that counts on',
            self::Words => 'words that speak to no fact',
            default => $this->value,
        };
    }

    /** The kind of fact that a value speaks to, in the words of EventKinds; empty for none. */
    public function speaksTo(): string
    {
        return match ($this) {
            self::Age, self::BirthDate, self::BirthPlace => 'birth',
            self::Trade => 'occupation',
            self::Religion => 'religion',
            self::DeathDate, self::DeathPlace => 'death',
            self::BurialDate => 'burial',
            self::YearsMarried, self::MarriageDate, self::MarriagePlace => 'marriage',
            self::ChildrenBorn, self::ChildrenLiving => 'child_count',
            self::Abode => 'residence',
            default => '',
        };
    }

    /** Whether the value of the line above may be taken over with one key. A name and an age never may. */
    public function carries(): bool
    {
        return match ($this) {
            self::Age, self::BirthDate, self::DeathDate, self::Relation => false,
            default => true,
        };
    }
}
