<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\SourceRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * @property string|null $repository_id
 * @property string $kind code of a kind that ships
 * @property string|null $source_kind_id a kind of one's own
 * @property array<string, string> $fields
 * @property string $list_name
 * @property string $title
 * @property string $author
 * @property string $publication
 * @property string $abbreviation
 * @property string $text
 * @property string $call_number
 * @property string $search
 * @property array<string, string>|null $reckoning
 */
#[DescribedBy(SourceRow::class)]
#[Column('search', isSafe: true)]
#[Column('reckoning')]
final class Source extends TreeModel
{
    protected $table = 'sources';

    protected function casts(): array
    {
        return [...parent::casts(), 'reckoning' => 'array', 'fields' => 'array'];
    }

    public static function dependents(): array
    {
        return [[Note::class, 'source_id'], [Kept::class, 'source_id'], [FileRef::class, 'source_id'],
            [Join::class, 'kept_source_id']];
    }
}
