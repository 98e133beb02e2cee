<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Tree;
use App\Trees\Derived\RecalculationQueue;
use App\Trees\Scope\CurrentTree;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Works out what follows from changes that were made, in the queue. */
final class RecalculateDerived implements ShouldQueue
{
    use Queueable;

    public int $timeout = 1800;

    public function __construct(public readonly string $treeId)
    {
        $this->onConnection((string) config('queue.follow'))->onQueue('follow');
    }

    public function handle(CurrentTree $current, RecalculationQueue $due): void
    {
        $tree = Tree::query()->where('id', $this->treeId)->first();
        if ($tree !== null) {
            $current->within($tree, $due->catchUp(...));
        }
    }
}
