<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\FileRefRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * @property string $import_id
 * @property string $pointer
 */
#[DescribedBy(FileRefRow::class)]
#[Column('import_id', isSafe: true)]
final class FileRef extends TreeModel
{
    protected $table = 'file_refs';
}
