<?php

declare(strict_types=1);

namespace NorthBough\Core\Prose;

/** Somebody who is named in a text, by whom an index finds it. */
final readonly class PersonCall implements ProsePart
{
    public function __construct(public string $personId, public string $told)
    {
    }
}
