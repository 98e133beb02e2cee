<?php

declare(strict_types=1);

namespace NorthBough\Core\Naming;

/** What a reader wants to see of somebody who took a name at a wedding. */
enum MarriedName: string
{
    case Birth = 'birth';
    case Married = 'married';
    case Both = 'both';
}
