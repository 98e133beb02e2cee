<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\KeptRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * @property string $import_id
 * @property string $pointer
 * @property string $path
 * @property string $lines
 */
#[DescribedBy(KeptRow::class)]
#[Column('import_id', isSafe: true)]
final class Kept extends TreeModel
{
    protected $table = 'kept';
}
