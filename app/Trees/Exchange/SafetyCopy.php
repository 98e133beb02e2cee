<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Models\Tree;
use App\Models\User;

/** A copy of a tree as it is, made before much of it is changed at once. */
final readonly class SafetyCopy
{
    public function __construct(private CopyTree $copy)
    {
    }

    /**
     * @param  string  $before  what is about to be done
     * @return Tree the copy, which is whoever asked's own
     *
     * @throws Cancelled
     */
    public function run(Tree $tree, User $user, string $before, Progress $progress): Tree
    {
        $into = Tree::begin(mb_substr("{$tree->name}, before {$before}", 0, 200), $user);
        $isCopied = false;
        try {
            $this->copy->run($tree, $into, $user, $progress);
            $isCopied = true;
        } finally {
            $isCopied || $into->forceDelete();
        }

        return $into;
    }
}
