<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Handwork;

use NorthBough\Core\Drawing\Cast\Toward;

/** Where a line stopped and was made to go on by one generation. */
final readonly class Brought
{
    public function __construct(public string $personId, public Toward $toward)
    {
    }
}
