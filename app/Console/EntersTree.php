<?php

declare(strict_types=1);

namespace App\Console;

use App\Trees\Scope\CurrentTree;

/** The tree that a command is about, by its argument or option `tree`. */
trait EntersTree
{
    use Worded;

    /** Enters the tree that was named; says so and gives false where there is none. */
    private function entered(CurrentTree $current): bool
    {
        $tree = TreeNamed::find($this->word('tree'));
        if ($tree === null) {
            $this->error('There is no tree of that name.');

            return false;
        }
        $current->enter($tree);

        return true;
    }
}
