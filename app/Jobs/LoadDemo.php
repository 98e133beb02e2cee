<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Counted;
use App\Demo\DemoLoader;
use App\Models\Run;
use App\Models\Tree;
use App\Models\User;
use App\Trees\Exchange\Cancelled;
use App\Trees\Exchange\RunProgress;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Carbon;
use Throwable;

/** Loads the demo into a tree that was made for it, in the queue. What came before a fault stays to be looked at. */
final class LoadDemo implements ShouldQueue
{
    use Queueable;

    public int $timeout = 3600;

    public int $tries = 1;

    public function __construct(public readonly string $runId)
    {
    }

    public function handle(DemoLoader $loader): void
    {
        $run = Run::query()->findOrFail($this->runId);
        if ($run->isOver()) {
            return;
        }
        $run->update(['state' => 'running', 'heartbeat_at' => Carbon::now()]);
        try {
            $people = $loader->load(Tree::query()->where('id', $run->tree_id)->firstOrFail(), User::query()
                ->findOrFail((string) $run->user_id), base_path('demo'), new RunProgress($run->id));
            $run->update(['state' => 'done', 'done' => 100, 'total' => 100,
                'said' => 'The demo is loaded: '.Counted::of($people, 'person', 'people').'.']);
        } catch (Cancelled) {
            $run->update(['state' => 'cancelled', 'said' => 'It was cancelled. What was loaded until then is here.']);
        } catch (Throwable $problem) {
            report($problem);
            $run->update(['state' => 'failed',
                'said' => 'The demo could not be loaded whole because of a fault of ours; the log says more.']);
        }
    }
}
