<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

/** How far the given names of two agree. */
final class GivenLevel
{
    public const UNTOLD = 0;

    public const SAME_WHOLE = 1;

    /** The first is the same, and neither has another. */
    public const SAME_FIRST = 2;

    public const SECOND_DIFFERS = 3;

    public const VARIANT = 4;

    public const INITIAL = 5;

    public const ALIKE = 6;

    /** One is called by the other's second name, or they agree in the second only. */
    public const BY_SECOND = 7;

    public const DIFFERENT = 8;

    /** The first is the same, and only one has another. */
    public const SECOND_MISSING = 9;
}
