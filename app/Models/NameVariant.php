<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Stored\Column;

/**
 * Names that stand for one another in this tree.
 *
 * @property string $words
 */
#[Column('words', 'words')]
final class NameVariant extends TreeModel
{
    protected $table = 'name_variants';
}
