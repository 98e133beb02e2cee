<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Casts\DateColumns;
use NorthBough\Core\Chrono\GenDate;
use NorthBough\Core\Gedcom\Row\RecordRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * One entry in a source: a household in a census, a baptism, a letter.
 *
 * @property string $source_id
 * @property string $locator
 * @property string $kind code of a kind that ships
 * @property string|null $record_kind_id a kind of one's own
 * @property GenDate $date
 * @property string $date_typed
 * @property string $place_typed
 * @property string|null $place_id
 * @property array<string, string> $fields of its head
 * @property string $source_class as it was seen
 * @property string $transcription
 * @property string $file_number
 * @property int|null $told_count how many people the page itself counts
 * @property bool $look_again
 */
#[DescribedBy(RecordRow::class)]
#[Column('place_id', isSafe: true)]
#[Column('look_again', isSafe: true)]
final class Record extends TreeModel
{
    protected $table = 'records';

    protected function casts(): array
    {
        return [...parent::casts(), 'date' => DateColumns::class, 'fields' => 'array'];
    }

    public static function dependents(): array
    {
        // Claims first: they point at lines.
        return [[Claim::class, 'record_id'], [RollLine::class, 'record_id'], [MediaLink::class, 'record_id'], [Note::class, 'record_id'],
            [Task::class, 'record_id']];
    }
}
