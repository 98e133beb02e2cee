<?php

declare(strict_types=1);

namespace App\Models;

/**
 * A mark put on something.
 *
 * @property string $mark_id
 * @property string|null $person_id
 * @property string $why
 */
final class Marking extends TreeModel
{
    protected $table = 'markings';
}
