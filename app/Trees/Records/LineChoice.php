<?php

declare(strict_types=1);

namespace App\Trees\Records;

/** What somebody decided of one line of a record. */
final readonly class LineChoice
{
    public const PLACED = 'placed';

    public const NEW = 'new';

    public const UNPLACED = 'unplaced';

    public const ASIDE = 'aside';

    public const ALL = [self::PLACED, self::NEW, self::UNPLACED, self::ASIDE];

    /**
     * @param  string  $personId  of whom the line is placed on; empty otherwise
     * @param  string  $reason  why it is set aside, or placed against the name
     * @param  list<string>  $declined  keys of tellings that are not to be entered
     * @param  list<string>  $wanted  keys of tellings that are to be entered though they were not offered as such
     */
    public function __construct(
        public string $lineId,
        public string $as,
        public string $personId = '',
        public string $reason = '',
        public array $declined = [],
        public array $wanted = [],
    ) {
    }
}
