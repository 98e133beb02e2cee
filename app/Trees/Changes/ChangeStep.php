<?php

declare(strict_types=1);

namespace App\Trees\Changes;

/** What is done inside the transaction of a change set when its own work is done, and journalled with it. */
interface ChangeStep
{
    public function complete(Change $change, Intent $intent): void;
}
