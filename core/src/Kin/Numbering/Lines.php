<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Numbering;

/** Where a numbering looks up the families of those of whom it tells. */
interface Lines
{
    /**
     * @param  list<string>  $personIds
     * @return array<string, list<LineFamily>> by person, as they were lived; those without a union are missing
     */
    public function families(array $personIds): array;

    /**
     * Whose children somebody may be counted as: `families` has the last word.
     *
     * @param  list<string>  $childIds
     * @return array<string, list<string>> by child
     */
    public function countedParents(array $childIds): array;
}
