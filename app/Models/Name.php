<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\NameRow;
use NorthBough\Core\Naming\PersonalName;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * @property string $person_id
 * @property string $kind
 * @property string $given
 * @property string $surname_prefix
 * @property string $surname
 * @property string $suffix
 * @property string $title
 * @property string $nickname
 * @property string $standing accepted, rival, ruled out or unweighed
 * @property int $position
 */
#[DescribedBy(NameRow::class)]
#[Column('given', 'given name')]
#[Column('surname_prefix', 'before the surname')]
#[Column('surname', 'surname')]
#[Column('suffix', 'suffix')]
#[Column('title', 'title')]
#[Column('nickname', 'nickname')]
#[Column('position', isSafe: true)]
#[Column('entered_for', isSafe: true)]
final class Name extends TreeModel
{
    protected $table = 'names';

    public function personalName(): PersonalName
    {
        return PersonalName::of($this->given, $this->surname, $this->surname_prefix, $this->suffix, $this->title, $this->nickname);
    }

    /** @return array<string, string> */
    public static function columns(PersonalName $name): array
    {
        return ['given' => $name->given, 'surname' => $name->surname, 'surname_prefix' => $name->surnamePrefix,
            'suffix' => $name->suffix, 'title' => $name->title, 'nickname' => $name->nickname];
    }

    public static function dependents(): array
    {
        return [[Claim::class, 'name_id'], [Note::class, 'name_id'], [Kept::class, 'name_id'], [ClaimUse::class, 'name_id']];
    }
}
