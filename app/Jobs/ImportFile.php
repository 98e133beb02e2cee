<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Run;
use App\Models\Tree;
use App\Models\User;
use App\Refusal;
use App\Trees\CurrentTree;
use App\Trees\Exchange\Cancelled;
use App\Trees\Exchange\ImportTree;
use App\Trees\Exchange\RunProgress;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\File;
use NorthBough\Core\Gedcom\NotReadable;
use Throwable;

/** Brings an uploaded file into a tree, in the queue. */
final class ImportFile implements ShouldQueue
{
    use Queueable;

    public int $timeout = 3600;

    public int $tries = 1;

    public function __construct(public readonly string $runId)
    {
    }

    public function handle(ImportTree $import, CurrentTree $current): void
    {
        $run = Run::query()->findOrFail($this->runId);
        if ($run->isOver()) {
            return;
        }
        $run->update(['state' => 'running', 'heartbeat_at' => Carbon::now()]);
        $tree = Tree::query()->findOrFail($run->tree_id);
        $path = (string) $run->asked['path'];
        try {
            $report = $current->within($tree, fn (): array => $import->run($path, (string) $run->asked['name'], User::query()->find($run->user_id), new RunProgress($run->id)));
            $run->update(['state' => 'done', 'done' => 100, 'total' => 100, 'said' => 'It is in.', 'result' => $report]);
        } catch (Cancelled $cancelled) {
            $run->update(['state' => 'cancelled', 'said' => $cancelled->getMessage()]);
        } catch (NotReadable|Refusal $refused) {
            $run->update(['state' => 'failed', 'said' => $refused->getMessage().' Nothing of it was kept.']);
        } catch (Throwable $problem) {
            report($problem);
            $run->update(['state' => 'failed', 'said' => 'The file could not be brought in because of a fault of ours. Nothing of it was kept; the log says more.']);
        } finally {
            File::delete($path);
        }
    }
}
