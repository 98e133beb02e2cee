<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Somebody for whom a search was made.
 *
 * @property string $search_id
 * @property string $person_id
 */
final class SearchPerson extends TreeModel
{
    protected $table = 'search_people';
}
