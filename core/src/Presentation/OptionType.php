<?php

declare(strict_types=1);

namespace NorthBough\Core\Presentation;

/** How an option is asked for. */
enum OptionType: string
{
    case Number = 'number';
    case YesNo = 'yes or no';
    case Choice = 'choice';
    /** Some of the words, in an order of one's own, with commas between them. */
    case Several = 'several';
}
