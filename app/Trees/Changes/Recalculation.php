<?php

declare(strict_types=1);

namespace App\Trees\Changes;

use App\Models\Tree;

/** Has what is derived worked out in the queue. */
interface Recalculation
{
    /** Called in the transaction of the change. */
    public function note(Tree $locked, AffectedPeople $affected): void;
}
