<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** Something in a tree that a claim, a note or kept lines belong to. */
final readonly class FactRef
{
    public function __construct(public Owner $kind, public string $id)
    {
    }
}
