<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\SearchPersonRow;
use NorthBough\Core\Stored\DescribedBy;

/**
 * Somebody for whom a search was made.
 *
 * @property string $search_id
 * @property string $person_id
 */
#[DescribedBy(SearchPersonRow::class)]
final class SearchPerson extends TreeModel
{
    protected $table = 'search_people';
}
