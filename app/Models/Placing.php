<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Whom a line of a record is, was thought or is refused to be.
 *
 * @property string $roll_line_id
 * @property string|null $person_id
 * @property string|null $question_id
 * @property string $state
 * @property string $reason
 * @property string|null $entered_for
 */
final class Placing extends TreeModel
{
    protected $table = 'placings';

    public static function dependents(): array
    {
        return [[RestsOn::class, 'deciding_placing_id'], [RestsOn::class, 'placing_id']];
    }
}
