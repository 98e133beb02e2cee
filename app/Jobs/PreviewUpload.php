<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Run;
use App\Models\Tree;
use App\Trees\Doubles\DoublesInFile;
use App\Trees\Exchange\Cancelled;
use App\Trees\Exchange\RunProgress;
use App\Trees\Scope\CurrentTree;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\File;
use NorthBough\Core\Gedcom\NotReadable;
use Throwable;

/** Looks at an uploaded file, in the queue. The file waits until it is brought in or left. */
final class PreviewUpload implements ShouldQueue
{
    use Queueable;

    public int $timeout = 3600;

    public int $tries = 1;

    public function __construct(public readonly string $runId)
    {
    }

    public function handle(DoublesInFile $doubles, CurrentTree $current): void
    {
        $run = Run::query()->findOrFail($this->runId);
        if ($run->isOver()) {
            return;
        }
        $run->update(['state' => 'running', 'heartbeat_at' => Carbon::now()]);
        $path = (string) $run->asked['path'];
        try {
            $seen = $current->within(Tree::query()->where('id', $run->tree_id)->firstOrFail(),
                static fn (): array => $doubles->look($path, new RunProgress($run->id), "{$path}.people"));
            $run->update(['state' => 'done', 'done' => 100, 'total' => 100, 'said' => 'It was looked at. Nothing of it is in yet.',
                'result' => ['look' => $seen]]);

            return;
        } catch (Cancelled $cancelled) {
            $run->update(['state' => 'cancelled', 'said' => $cancelled->getMessage()]);
        } catch (NotReadable $refused) {
            $run->update(['state' => 'failed', 'said' => $refused->getMessage()]);
        } catch (Throwable $problem) {
            report($problem);
            $run->update(['state' => 'failed', 'said' => 'The file could not be looked at because of a fault of ours; the log says more.']);
        }
        File::delete([$path, "{$path}.people"]);
    }
}
