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
}
