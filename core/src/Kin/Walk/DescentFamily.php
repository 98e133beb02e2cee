<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin\Walk;

use NorthBough\Core\Tree\Union;

/** A family in an outline of descendants: somebody of the line, and one union of theirs. */
final readonly class DescentFamily
{
    /** @param  int  $generation  1 is whoever it begins with */
    public function __construct(public string $personId, public Union $union, public int $generation)
    {
    }
}
