<?php

declare(strict_types=1);

namespace NorthBough\Core\Report;

/** A cell that says whom its row is about: by the pointer that they had in an imported file. */
final readonly class PersonRef
{
    public function __construct(public string $personId)
    {
    }
}
