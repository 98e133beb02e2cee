<?php

declare(strict_types=1);

namespace App\Models;

/**
 * Somebody in a role at an event: a witness, an informant, a lodger.
 *
 * @property string $event_id
 * @property string|null $person_id
 * @property string $role
 * @property string $words
 * @property int $position
 */
final class EventRole extends TreeModel
{
    protected $table = 'event_roles';
}
