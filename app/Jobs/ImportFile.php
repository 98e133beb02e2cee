<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Run;
use App\Models\Tree;
use App\Models\User;
use App\Refusal;
use App\Trees\Exchange\AlreadyImported;
use App\Trees\Exchange\Cancelled;
use App\Trees\Exchange\ImportTree;
use App\Trees\Exchange\RunProgress;
use App\Trees\Exchange\SafetyCopy;
use App\Trees\Joins\TakeExisting;
use App\Trees\Scope\CurrentTree;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\File;
use NorthBough\Core\Gedcom\In\ImportOptions;
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

    public function handle(ImportTree $import, TakeExisting $take, SafetyCopy $copy, CurrentTree $current): void
    {
        $run = Run::query()->findOrFail($this->runId);
        if ($run->isOver()) {
            return;
        }
        $run->update(['state' => 'running', 'heartbeat_at' => Carbon::now()]);
        $asked = $run->asked + ['into' => $run->tree_id, 'mode' => 'add', 'again' => false, 'encoding' => '', 'start' => '',
            'generations' => 0, 'take' => [], 'copyFirst' => false];
        $tree = Tree::query()->where('id', $asked['into'])->firstOrFail();
        $path = (string) $asked['path'];
        $isIn = false;
        $isAsked = false;
        try {
            $kept = $asked['mode'] === 'add' && $asked['copyFirst'] ? $copy->run($tree, User::query()->findOrFail($run->user_id),
                (string) $asked['name'], new RunProgress($run->id))->name : '';
            $report = $current->within($tree,
                fn (): array => $import->run($path, (string) $asked['name'], User::query()->find($run->user_id), new RunProgress($run->id),
                    ! $asked['again'],
                    new ImportOptions((string) $asked['encoding'], (string) $asked['start'], (int) $asked['generations'])));
            $isIn = true;
            try {
                $taken = $asked['mode'] !== 'add' ? '' : $current->within($tree, static fn (): string => $take->run($asked['take'],
                    User::query()->find($run->user_id), new RunProgress($run->id)));
            } catch (Cancelled) {
                $taken = 'Joining them to who was here was ended on the way; what is joined stays joined.';
            }
            $run->update(['state' => 'done', 'done' => 100, 'total' => 100, 'said' => implode(' ', array_filter(['It is in.', $taken,
                $kept === '' ? '' : "The tree as it was before is kept as {$kept}."])), 'result' => $report]);
            if ($asked['mode'] === 'replace') {
                Tree::query()->where('id', $run->tree_id)->firstOrFail()->delete();
            }
        } catch (Cancelled $cancelled) {
            $run->update(['state' => 'cancelled', 'said' => $cancelled->getMessage()]);
        } catch (AlreadyImported $twice) {
            $isAsked = true;
            $run->update(['state' => 'failed', 'said' => $twice->getMessage(), 'result' => ['again' => true]]);
        } catch (NotReadable|Refusal $refused) {
            $run->update(['state' => 'failed', 'said' => $refused->getMessage().' Nothing of it was kept.']);
        } catch (Throwable $problem) {
            report($problem);
            $run->update(['state' => 'failed',
                'said' => 'The file could not be brought in because of a fault of ours. Nothing of it was kept; the log says more.']);
        } finally {
            if (! $isIn && $asked['mode'] !== 'add') {
                $tree->forceDelete();
            }
            // A file that is asked about again is still wanted.
            if (! $isAsked) {
                File::delete([$path, "{$path}.people"]);
            }
        }
    }
}
