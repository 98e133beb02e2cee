<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

/** How far two places agree. */
final class PlaceLevel
{
    public const UNTOLD = 0;

    public const SAME = 1;

    /** One lies in the other, or is told more fully or spelt otherwise. */
    public const FITS = 2;

    /** Different, in one wider place. */
    public const NEAR = 3;

    public const DIFFERENT = 4;
}
