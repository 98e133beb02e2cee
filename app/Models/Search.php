<?php

declare(strict_types=1);

namespace App\Models;

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
 * @property bool $in_vain
 */
final class Search extends TreeModel
{
    protected $table = 'searches';

    public static function dependents(): array
    {
        return [[SearchPerson::class, 'search_id']];
    }
}
