<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\DateColumns;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Gedcom\Row\SearchRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * What was looked for, where, and what came of it.
 *
 * @property string|null $series_id
 * @property string|null $source_id
 * @property string|null $question_id
 * @property string $looked_for
 * @property string $looked_in
 * @property string $found
 * @property string $note
 * @property string $outcome found, nothing, in part or waiting
 * @property bool $is_whole the whole of a complete series was read
 * @property GenDate $date when it was made
 * @property int $position
 */
#[DescribedBy(SearchRow::class)]
#[Column('series_id', isSafe: true)]
final class Search extends TreeModel
{
    protected $table = 'searches';

    protected function casts(): array
    {
        return [...parent::casts(), 'date' => DateColumns::class];
    }

    public static function dependents(): array
    {
        return [[SearchPerson::class, 'search_id']];
    }
}
