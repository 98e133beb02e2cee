<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Http\Presentation\Asked;
use App\Http\Reports\ReportMaker;
use App\Models\Run;
use App\Models\Tree;
use App\Models\User;
use App\Printing\PrintedReport;
use App\Refusal;
use App\Trees\Access\SeenTree;
use App\Trees\Access\WatchedTree;
use App\Trees\Exchange\Cancelled;
use App\Trees\Exchange\LivingTold;
use App\Trees\Exchange\PrivacyAwareExport;
use App\Trees\Exchange\Progress;
use App\Trees\Exchange\RunProgress;
use App\Trees\Exchange\SilentProgress;
use App\Trees\Scope\CurrentTree;
use Illuminate\Contracts\Container\Container;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\File;
use NorthBough\Core\Drawing\Render\Paper;
use NorthBough\Core\Presentation\Subject;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Reports;
use Throwable;

/** Makes a file of a report, in the queue. The file waits until the next one is asked for. */
final class MakeReport implements ShouldQueue
{
    use Queueable;

    /** Half of what there is to tell of is read when so many people were. */
    private const HALF = 2000;

    private const READ = 45;

    public int $timeout = 7200;

    public int $tries = 1;

    public function __construct(public readonly string $runId)
    {
    }

    public function handle(CurrentTree $current, Container $container): void
    {
        $run = Run::query()->findOrFail($this->runId);
        if ($run->isOver()) {
            return;
        }
        $run->update(['state' => 'running', 'heartbeat_at' => Carbon::now()]);
        $progress = new RunProgress($run->id);
        // The programs that set pages tell the same run how they are getting on.
        $container->instance(Progress::class, $progress);
        try {
            $result = $current->within(Tree::query()->where('id', $run->tree_id)->firstOrFail(),
                fn (): array => $this->made($run, $container, $progress));
            $run->update(['state' => 'done', 'done' => 100, 'total' => 100, 'said' => 'It is made.', 'result' => $result]);
        } catch (Cancelled) {
            $run->update(['state' => 'cancelled', 'said' => 'It was cancelled. No file was made.']);
        } catch (Refusal $refused) {
            $run->update(['state' => 'failed', 'said' => $refused->getMessage()]);
        } catch (Throwable $problem) {
            report($problem);
            $run->update(['state' => 'failed', 'said' => 'The file could not be made because of a fault of ours; the log says more.']);
        } finally {
            $container->bind(Progress::class, SilentProgress::class);
        }
    }

    /** @return array{path: string, title: string} */
    private function made(Run $run, Container $container, Progress $progress): array
    {
        $asked = $run->asked;
        $user = User::query()->findOrFail((string) $run->user_id);
        $told = $asked['keep'] ? LivingTold::everybody($user)
            : ($asked['kept'] === [] ? LivingTold::nobody() : LivingTold::only($asked['kept'], $user));
        $seen = $container->make(PrivacyAwareExport::class)->seen($told, 'Saved a report');
        $document = Asked::answer(fn (): Document => $this->document($asked, $container->make(ReportMaker::class),
            $seen->through(static fn ($view): WatchedTree => new WatchedTree($view, static function (int $people) use ($progress): void {
                $progress->report(max(0, min(self::READ, intdiv(self::READ * $people, $people + self::HALF))), "{$people} lives read");
            }))));
        $progress->report(self::READ, 'It is put together');
        $path = storage_path("app/reports/{$run->id}");
        File::ensureDirectoryExists(dirname($path));
        File::put($path, $container->make(PrintedReport::class)->of($document, $seen, (string) $asked['format'],
            Paper::tryFrom((string) $asked['paper']) ?? Paper::A4));

        return ['path' => $path, 'title' => $document->title];
    }

    /** @param  array<string, mixed>  $asked */
    private function document(array $asked, ReportMaker $maker, SeenTree $seen): Document
    {
        $report = Reports::named((string) $asked['kind'], $asked['options']);

        return $maker->make($report, $seen, Subject::read($report::subject(), (string) $asked['subject']));
    }
}
