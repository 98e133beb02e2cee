<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Names that stand for one another in this tree.
 *
 * @property string $words
 */
final class NameVariant extends TreeModel
{
    protected $table = 'name_variants';
}
