<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Run;
use App\Models\Tree;
use App\Refusal;
use App\Trees\Doubles\FindDoubles;
use App\Trees\Doubles\ScanScope;
use App\Trees\Exchange\Cancelled;
use App\Trees\Exchange\RunProgress;
use App\Trees\Scope\CurrentTree;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Carbon;
use Throwable;

/** Looks for doubles in a tree, in the queue. What was found before stands until it is done. */
final class ScanForDoubles implements ShouldQueue
{
    use Queueable;

    public int $timeout = 3600;

    /** A worker that was killed left nothing half; the next one begins again. */
    public int $tries = 3;

    public function __construct(public readonly string $runId)
    {
    }

    public function handle(CurrentTree $current, FindDoubles $doubles, ScanScope $scope): void
    {
        $run = Run::query()->findOrFail($this->runId);
        if ($run->isOver()) {
            return;
        }
        $run->update(['state' => 'running', 'heartbeat_at' => Carbon::now()]);
        ini_set('memory_limit', '3G');
        try {
            $counts = $current->within(Tree::query()->where('id', $run->tree_id)->firstOrFail(),
                static function () use ($run, $doubles, $scope) {
                    $asked = $run->asked;

                    return $doubles->run(new RunProgress($run->id), $scope->ids($asked))->counts() + ['of' => $scope->words($asked)];
                });
            $run->update(['state' => 'done', 'done' => 100, 'total' => 100, 'said' => 'Everybody was looked at.', 'result' => $counts]);
        } catch (Cancelled) {
            $run->update(['state' => 'cancelled', 'said' => 'It was cancelled. What was found before is as it was.']);
        } catch (Refusal $refused) {
            $run->update(['state' => 'failed', 'said' => $refused->getMessage()]);
        } catch (Throwable $problem) {
            report($problem);
            $run->update(['state' => 'failed', 'said' => 'It stopped because of a fault of ours; the log says more.']);
        }
    }
}
