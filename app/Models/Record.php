<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property string $source_id
 * @property string $locator
 */
final class Record extends TreeModel
{
    protected $table = 'records';
}
