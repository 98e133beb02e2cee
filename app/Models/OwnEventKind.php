<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Stored\Column;

/**
 * A kind of event of the user's own: its fields, its sentence, the standard tag that it maps to.
 *
 * @property string $code
 * @property string $word
 * @property string $tag
 * @property bool $of_person
 * @property bool $of_union
 * @property bool $single
 * @property bool $has_value
 * @property list<string> $fields
 * @property string $sentence
 * @property list<string> $traits  what it says of a life, as EventTrait has it
 */
#[Column('code', isSafe: true)]
#[Column('word')]
#[Column('tag')]
#[Column('of_person', isSafe: true)]
#[Column('of_union', isSafe: true)]
#[Column('single', isSafe: true)]
#[Column('has_value', isSafe: true)]
#[Column('fields')]
#[Column('sentence')]
#[Column('traits', word: 'what it says of a life', isSafe: true)]
final class OwnEventKind extends TreeModel
{
    protected $table = 'event_kinds';

    protected function casts(): array
    {
        return [...parent::casts(), 'fields' => 'array', 'traits' => 'array'];
    }
}
