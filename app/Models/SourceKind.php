<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\OwnKindRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * A kind of source: its fields and how they are set in its notes.
 *
 * @property string $name
 * @property string $search
 * @property array<string, mixed> $template
 * @property int $position
 */
#[DescribedBy(OwnKindRow::class)]
#[Column('search', isSafe: true)]
#[Column('position', isSafe: true)]
final class SourceKind extends TreeModel
{
    protected $table = 'source_kinds';

    protected function casts(): array
    {
        return [...parent::casts(), 'template' => 'array'];
    }
}
