<?php

declare(strict_types=1);

namespace App\Models;

/**
 * @property string $name
 * @property string|null $inside_id
 * @property string $search
 */
final class Place extends TreeModel
{
    protected $table = 'places';
}
