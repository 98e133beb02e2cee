<?php

declare(strict_types=1);

namespace NorthBough\Core\Family;

use DomainException;

/** A change to a family that cannot be; the message is for the person who asked. */
final class FamilyRefused extends DomainException
{
    public function __construct(public readonly FamilyProblem $problem)
    {
        parent::__construct($problem->says());
    }
}
