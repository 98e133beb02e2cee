<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\OwnKindRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * A kind of record: the columns of its roll, its roles and head fields.
 *
 * @property string $name
 * @property string $search
 * @property array<string, mixed> $template
 * @property int $position
 */
#[DescribedBy(OwnKindRow::class)]
#[Column('search', isSafe: true)]
#[Column('position', isSafe: true)]
final class RecordKind extends TreeModel
{
    protected $table = 'record_kinds';

    protected function casts(): array
    {
        return [...parent::casts(), 'template' => 'array'];
    }
}
