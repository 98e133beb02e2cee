<?php

declare(strict_types=1);

namespace NorthBough\Core\Kin;

/** Whether two lines meet in a couple, in one of them, or in the person himself. */
enum LineageMeeting: int
{
    case Direct = 0;
    case Full = 1;
    case Half = 2;
    case HalfOrFull = 3;
}
