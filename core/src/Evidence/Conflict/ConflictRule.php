<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Conflict;

use NorthBough\Core\Compare\KnownPlaces;

/** One way in which what is told of somebody can disagree. */
interface ConflictRule
{
    /** @return list<Conflict> */
    public function find(Subject $subject, KnownPlaces $places): array;
}
