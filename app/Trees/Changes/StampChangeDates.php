<?php

declare(strict_types=1);

namespace App\Trees\Changes;

use Illuminate\Support\Carbon;

/** Gives every record that a change touched its change date. Undoing puts the old one back and stamps none. */
final class StampChangeDates implements ChangeStep
{
    public function complete(Change $change, Intent $intent): void
    {
        if ($intent->isNew()) {
            $change->stamp(Carbon::now());
        }
    }
}
