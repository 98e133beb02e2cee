<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Models\Run;
use App\Models\Tree;
use App\Models\User;
use App\Refusal;
use App\Trees\Exchange\Cancelled;
use App\Trees\Exchange\LivingTold;
use App\Trees\Exchange\NotWritten;
use App\Trees\Exchange\PrivacyAwareExport;
use App\Trees\Exchange\RunProgress;
use App\Trees\Exchange\WriteFile;
use App\Trees\Exchange\WrittenFile;
use App\Trees\Scope\CurrentTree;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Gedcom\Version;
use Throwable;

/** Writes a tree to a file, in the queue. The file waits until the next one is asked for. */
final class WriteTree implements ShouldQueue
{
    use Queueable;

    public int $timeout = 7200;

    public int $tries = 1;

    public function __construct(public readonly string $runId)
    {
    }

    public function handle(PrivacyAwareExport $export, CurrentTree $current): void
    {
        $run = Run::query()->findOrFail($this->runId);
        if ($run->isOver()) {
            return;
        }
        $run->update(['state' => 'running', 'heartbeat_at' => Carbon::now()]);
        $version = Version::from((string) $run->asked['version']);
        $keeping = $run->asked['keep'] ? LivingTold::everybody(User::query()->findOrFail((string) $run->user_id)) : LivingTold::nobody();
        try {
            $written = $current->within(Tree::query()->where('id', $run->tree_id)->firstOrFail(), fn (): WrittenFile => WriteFile::spooled(
                $export->rows($keeping, 'Wrote a file'), $version, $run->tree_id, Carbon::now()->toDateTimeImmutable(),
                (bool) $run->asked['zipped'], new RunProgress($run->id), self::records($run->tree_id)));
            $run->update(['state' => 'done', 'done' => 100, 'total' => 100,
                'said' => trim('It is written. '.$written->sentence($version->value)), 'result' => ['path' => $written->path]]);
        } catch (Cancelled) {
            $run->update(['state' => 'cancelled', 'said' => 'It was cancelled. No file was written.']);
        } catch (Refusal|NotWritten $refused) {
            $run->update(['state' => 'failed', 'said' => $refused->getMessage()]);
        } catch (Throwable $problem) {
            report($problem);
            $run->update(['state' => 'failed', 'said' => 'The file could not be written because of a fault of ours; the log says more.']);
        }
    }

    private static function records(string $treeId): int
    {
        return array_sum(
            array_map(static fn (string $table): int => DB::table($table)->where('tree_id', $treeId)->count(),
                ['people', 'unions', 'sources']));
    }
}
