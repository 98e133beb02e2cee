<?php

declare(strict_types=1);

namespace App\Trees\Changes;

use LogicException;

/** The change set that is open now, if any. Rows of a tree can be written only while one is. */
final class OpenChange
{
    private ?Change $change = null;

    public function open(Change $change): void
    {
        if ($this->change !== null) {
            throw new LogicException('A change set is open already; changes do not nest.');
        }
        $this->change = $change;
    }

    public function close(): void
    {
        $this->change = null;
    }

    /** Empty while none is open. */
    public function id(): string
    {
        return $this->change->id ?? '';
    }

    /** @throws LogicException when a row is written outside a change set */
    public function get(): Change
    {
        return $this->change ?? throw new LogicException('A row of a tree was written outside a change set.');
    }
}
