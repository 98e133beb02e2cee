<?php

declare(strict_types=1);

namespace App\Models;

use NorthBough\Core\Gedcom\Row\RoleRow;
use NorthBough\Core\Stored\Column;
use NorthBough\Core\Stored\DescribedBy;

/**
 * Somebody in a role at an event: a witness, an informant, a lodger.
 *
 * @property string $event_id
 * @property string|null $person_id
 * @property string $role
 * @property string $words
 * @property int $position
 */
#[DescribedBy(RoleRow::class)]
#[Column('position', isSafe: true)]
final class EventRole extends TreeModel
{
    protected $table = 'event_roles';
}
