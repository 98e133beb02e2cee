<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\GroupRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * A coloured mark of the user's own.
 *
 * @property string $name
 * @property string $colour
 * @property string $meaning
 * @property int $position
 */
#[DescribedBy(GroupRow::class)]
#[Column('position', isSafe: true)]
final class Mark extends TreeModel
{
    protected $table = 'marks';

    public static function dependents(): array
    {
        return [[Marking::class, 'mark_id']];
    }
}
