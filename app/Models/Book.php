<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Stored\Column;

/**
 * A book: its title page, and its chapters in their order, each a report, a text or a saved drawing.
 *
 * @property string $title
 * @property string $subtitle
 * @property string $author
 * @property list<array<string, mixed>> $chapters
 */
#[Column('title')]
#[Column('subtitle')]
#[Column('author')]
#[Column('chapters')]
final class Book extends TreeModel
{
    protected $table = 'books';

    protected function casts(): array
    {
        return [...parent::casts(), 'chapters' => 'array'];
    }
}
