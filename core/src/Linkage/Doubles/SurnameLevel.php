<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage\Doubles;

/** How far the surnames of two agree. */
final class SurnameLevel
{
    public const UNTOLD = 0;

    public const SAME = 1;

    public const ALIKE = 2;

    /** Of one father's name, in another form: Magnusson, Magnusdotter, Magnussen. */
    public const PATRONYMIC = 3;

    /** One stands under the surname of a husband of the other. */
    public const MARRIED = 4;

    public const DIFFERENT = 5;
}
