<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Progress on a run, by a connection of its own, so that it is seen while the work's transaction is still open. */
final class RunProgress implements Progress
{
    private float $lastTold = 0.0;

    public function __construct(private readonly string $runId)
    {
    }

    public function report(int $percent, string $step): void
    {
        if (microtime(true) - $this->lastTold < 0.25) {
            return;
        }
        $this->lastTold = microtime(true);
        $runs = DB::connection('progress')->table('runs')->where('id', $this->runId);
        $runs->update(['done' => $percent, 'total' => 100, 'said' => $step, 'heartbeat_at' => Carbon::now()]);
        if ($runs->value('cancel_asked')) {
            throw new Cancelled('It was cancelled. Nothing of it was kept.');
        }
    }
}
