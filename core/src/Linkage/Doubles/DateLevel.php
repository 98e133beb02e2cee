<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

/** How far two days of one thing agree. */
final class DateLevel
{
    public const UNTOLD = 0;

    /** To the day, on both sides. */
    public const SAME_DAY = 1;

    /** Day and month changed places. */
    public const SWAPPED = 2;

    /** The same day of another year, not far away. */
    public const OTHER_YEAR = 3;

    /** Both to the day, not a month apart. */
    public const NEAR = 4;

    /** One of them is not told to the day, and both can be true. */
    public const FITS = 5;

    /** Both to the day, and apart. */
    public const WITHIN_YEAR = 6;

    public const WITHIN_THREE = 7;

    public const WITHIN_TEN = 8;

    public const FAR = 9;

    /** What stands for a birth, or a death, follows it as it should. */
    public const FOLLOWS = 10;

    /** The same distances where one of the two is not told to the day. */
    public const ABOUT_WITHIN_YEAR = 11;

    public const ABOUT_WITHIN_THREE = 12;

    public const ABOUT_WITHIN_TEN = 13;

    public const ABOUT_FAR = 14;
}
