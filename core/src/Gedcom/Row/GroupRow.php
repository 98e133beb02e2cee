<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** A group or mark of the user's own. One of a name is made once a file, and once a tree. */
final readonly class GroupRow implements Row
{
    public function __construct(public string $id, public MembershipKind $kind, public string $name, public string $colour, public string $meaning)
    {
    }
}
