<?php

declare(strict_types=1);

namespace NorthBough\Core\Family;

use NorthBough\Core\Family\Change\Removed;

/** What a command changes, in the order in which it is to be done; `coupleId` is the couple that it was about, empty for none. */
final readonly class TieChanges
{
    /** @param  list<TieChange>  $changes */
    public function __construct(public array $changes, public string $coupleId = '')
    {
    }

    /** How many ties are taken off: of children and of partners to couples. */
    public function unlinked(): int
    {
        return count(array_filter(
            $this->changes,
            static fn (TieChange $change): bool => $change instanceof Removed
                && ($change->tie instanceof ParentSetTie || $change->tie instanceof Partnership),
        ));
    }
}
