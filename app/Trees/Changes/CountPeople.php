<?php

declare(strict_types=1);

namespace App\Trees\Changes;

use Illuminate\Support\Facades\DB;

/** Keeps the number of people of the tree. */
final class CountPeople implements ChangeStep
{
    public function complete(Change $change, Intent $intent): void
    {
        if ($change->touched->people !== 0) {
            DB::table('trees')->where('id', $change->treeId)->increment('people_count', $change->touched->people);
        }
    }
}
