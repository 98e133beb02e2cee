<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A kind of event of the user's own: its fields, its sentence, the standard tag that it maps to.
 *
 * @property string $code
 * @property string $word
 * @property string $tag
 * @property bool $of_person
 * @property bool $of_union
 * @property bool $single
 * @property bool $has_value
 * @property list<string> $fields
 * @property string $sentence
 */
final class OwnEventKind extends TreeModel
{
    protected $table = 'event_kinds';

    protected function casts(): array
    {
        return [...parent::casts(), 'fields' => 'array'];
    }
}
