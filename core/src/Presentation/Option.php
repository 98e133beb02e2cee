<?php

declare(strict_types=1);

namespace NorthBough\Core\Presentation;

use Attribute;

/**
 * Said of a parameter with which a drawing or a report is made: what the page and the command line call it. Its type
 * and what it is by default are those of the parameter itself.
 */
#[Attribute(Attribute::TARGET_PROPERTY | Attribute::TARGET_PARAMETER)]
final readonly class Option
{
    /**
     * @param  string  $label  beside the control on the page
     * @param  string  $says  what it does, in a sentence without its full stop
     * @param  int  $from  the least, of a number
     * @param  int  $to  the most, of a number
     * @param  class-string<\BackedEnum>|null  $of  of a list: what it is a list of
     */
    public function __construct(
        public string $label,
        public string $says,
        public int $from = 0,
        public int $to = 0,
        public ?string $of = null,
    ) {
    }
}
