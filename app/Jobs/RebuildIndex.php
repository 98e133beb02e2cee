<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Tree;
use App\Trees\Changes\DerivedTables;
use App\Trees\Scope\CurrentTree;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;

/** Works the index of a tree out anew, in the queue. */
final class RebuildIndex implements ShouldQueue
{
    use Queueable;

    public int $timeout = 3600;

    public function __construct(public readonly string $treeId)
    {
    }

    public function handle(CurrentTree $current, DerivedTables $derived): void
    {
        $tree = Tree::query()->where('id', $this->treeId)->first();
        if ($tree !== null) {
            $current->within($tree, static fn () => DB::transaction($derived->rebuildAtOnce(...)));
        }
    }
}
