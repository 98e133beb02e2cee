<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Stored\Column;

/**
 * What somebody wrote of a person, a couple, a place, or of nobody in particular; its body is the tree that ProseReader reads.
 *
 * @property string|null $person_id
 * @property string|null $union_id
 * @property string|null $place_id
 * @property string $title
 * @property array<string, mixed> $body
 */
#[Column('person_id', isSafe: true)]
#[Column('union_id', isSafe: true)]
#[Column('place_id', isSafe: true)]
#[Column('title')]
#[Column('body', word: 'the words')]
final class Text extends TreeModel
{
    protected $table = 'texts';

    protected function casts(): array
    {
        return [...parent::casts(), 'body' => 'array'];
    }
}
