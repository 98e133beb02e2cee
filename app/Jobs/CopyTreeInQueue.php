<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Run;
use App\Models\Tree;
use App\Models\User;
use App\Trees\Exchange\Cancelled;
use App\Trees\Exchange\CopyTree;
use App\Trees\Exchange\RunProgress;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Carbon;
use Throwable;

/** Copies a tree into one that was made for it, in the queue. */
final class CopyTreeInQueue implements ShouldQueue
{
    use Queueable;

    public int $timeout = 3600;

    public int $tries = 1;

    public function __construct(public readonly string $runId)
    {
    }

    public function handle(CopyTree $copy): void
    {
        $run = Run::query()->findOrFail($this->runId);
        $into = Tree::query()->where('id', $run->asked['into'] ?? '')->firstOrFail();
        if ($run->isOver()) {
            $into->forceDelete();

            return;
        }
        $run->update(['state' => 'running', 'heartbeat_at' => Carbon::now()]);
        $isCopied = false;
        try {
            $copy->run(Tree::query()->where('id', $run->tree_id)->firstOrFail(), $into, User::query()->find($run->user_id),
                new RunProgress($run->id));
            $isCopied = true;
            $run->update(['state' => 'done', 'done' => 100, 'total' => 100, 'said' => 'It is copied.']);
        } catch (Cancelled $cancelled) {
            $run->update(['state' => 'cancelled', 'said' => $cancelled->getMessage()]);
        } catch (Throwable $problem) {
            report($problem);
            $run->update(['state' => 'failed',
                'said' => 'It could not be copied because of a fault of ours. Nothing of the copy was kept; the log says more.']);
        } finally {
            if (! $isCopied) {
                $into->forceDelete();
            }
        }
    }
}
