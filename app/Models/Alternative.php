<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\AlternativeRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * One answer to a question: placings, ties and standings that are supposed.
 *
 * @property string $question_id
 * @property string|null $person_id
 * @property string $title
 * @property list<array<string, mixed>> $supposed
 * @property int $position
 * @property string $outcome
 */
#[DescribedBy(AlternativeRow::class)]
#[Column('supposed', isSafe: true)]
final class Alternative extends TreeModel
{
    protected $table = 'alternatives';

    protected function casts(): array
    {
        return [...parent::casts(), 'supposed' => 'array'];
    }

    public static function dependents(): array
    {
        return [[Point::class, 'alternative_id']];
    }
}
