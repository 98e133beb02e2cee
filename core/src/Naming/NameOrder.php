<?php

declare(strict_types=1);

namespace NorthBough\Core\Naming;

/** Which part of a name a reader wants to see first. */
enum NameOrder: string
{
    case GivenFirst = 'given';
    case SurnameFirst = 'surname';
}
