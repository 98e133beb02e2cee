<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Conflict;

use NorthBough\Core\Compare\GazetteerPlaces;

/** One way in which what is told of somebody can disagree. */
interface ConflictRule
{
    /** @return list<Conflict> */
    public function find(ConflictSubject $subject, GazetteerPlaces $places): array;
}
