<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Trees\Pictures\Tiles;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Makes the tiles of a file, in the queue; done again from the beginning when its worker was lost. */
final class MakePreviews implements ShouldQueue
{
    use Queueable;

    public int $timeout = 1800;

    public int $tries = 2;

    public function __construct(public readonly string $treeId, public readonly string $sha256, public readonly string $type)
    {
        $this->onQueue('previews');
    }

    /** Has them made unless they are there, or are being made. */
    public static function ask(string $treeId, string $sha256, string $type): void
    {
        if (DB::table('previews')->insertOrIgnore(['tree_id' => $treeId, 'sha256' => $sha256]) > 0) {
            self::dispatch($treeId, $sha256, $type)->afterCommit();
        }
    }

    public function handle(): void
    {
        $row = DB::table('previews')->where('tree_id', $this->treeId)->where('sha256', $this->sha256);
        if ((clone $row)->value('state') === 'ready') {
            return;
        }
        try {
            $pages = Tiles::cut($this->treeId, $this->sha256, $this->type);
            $row->update(['state' => $pages === [] ? 'failed' : 'ready', 'pages' => json_encode($pages, JSON_THROW_ON_ERROR),
                'problem' => $pages === [] ? 'There is no page in it.' : '']);
        } catch (Throwable $problem) {
            report($problem);
            $row->update(['state' => 'failed',
                'problem' => 'It could not be opened for looking at. The original is kept as it is; it may be damaged.']);
        }
    }
}
