<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Conflict;

use NorthBough\Core\Compare\GazetteerPlaces;

/** One way in which facts about a person can disagree. */
interface ConflictRule
{
    /** @return list<Conflict> */
    public function find(ConflictSubject $subject, GazetteerPlaces $places): array;
}
