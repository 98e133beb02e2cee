<?php

declare(strict_types=1);

namespace NorthBough\Core\Presentation;

/** How an option is asked for. */
enum OptionType: string
{
    case Number = 'number';
    case YesNo = 'yes or no';
    case Choice = 'choice';
}
