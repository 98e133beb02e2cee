<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Layered;

/** Where partners stand: the first before whom they married and the others after, or all of them after. */
enum PartnerOrder
{
    case Around;
    case After;
}
