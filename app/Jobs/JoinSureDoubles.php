<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Run;
use App\Models\Tree;
use App\Models\User;
use App\Trees\Exchange\Cancelled;
use App\Trees\Exchange\RunProgress;
use App\Trees\Exchange\SafetyCopy;
use App\Trees\Joins\JoinLikely;
use App\Trees\Scope\CurrentTree;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Carbon;
use Throwable;

/** Joins all pairs that are as good as sure, in the queue; first copies the tree where that was wanted. */
final class JoinSureDoubles implements ShouldQueue
{
    use Queueable;

    public int $timeout = 3600;

    public int $tries = 1;

    public function __construct(public readonly string $runId)
    {
    }

    public function handle(CurrentTree $current, JoinLikely $likely, SafetyCopy $copy): void
    {
        $run = Run::query()->findOrFail($this->runId);
        if ($run->isOver()) {
            return;
        }
        $run->update(['state' => 'running', 'heartbeat_at' => Carbon::now()]);
        $tree = Tree::query()->where('id', $run->tree_id)->firstOrFail();
        $user = User::query()->findOrFail($run->user_id);
        $progress = new RunProgress($run->id);
        try {
            $kept = $run->asked['copyFirst']
                ? " It is kept as it was before as {$copy->run($tree, $user, 'joining doubles', $progress)->name}."
                : '';
            $said = $current->within($tree, static fn (): string => $likely->run((string) $run->asked['q'], $user, $progress));
            $run->update(['state' => 'done', 'done' => 100, 'total' => 100, 'said' => $said.$kept]);
        } catch (Cancelled) {
            $run->update(['state' => 'cancelled', 'said' => 'It was ended. What is joined stays joined, and can be taken apart.']);
        } catch (Throwable $problem) {
            report($problem);
            $run->update(['state' => 'failed', 'said' => 'It stopped because of a fault of ours; the log says more. What is joined stays '
                .'joined, and can be taken apart.']);
        }
    }
}
