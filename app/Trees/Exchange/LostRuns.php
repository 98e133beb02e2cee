<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Models\Run;
use App\Models\Tree;
use App\Models\User;
use App\Refusal;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Long work that lost its worker: its lease runs out and the tree is free again. Its transaction went with it. */
final class LostRuns
{
    private const LEASE_SECONDS = 120;

    /**
     * Begins long work, of which a tree has one of each kind at a time.
     *
     * @param  string  $busy  the sentence for whoever comes second
     * @param  \Closure(): array<string, mixed>  $asked  made within the same transaction
     *
     * @throws Refusal where such work is under way
     */
    public static function begin(string $treeId, User $user, string $kind, string $title, string $busy, \Closure $asked): Run
    {
        self::release();
        try {
            return DB::transaction(static fn (): Run => Run::query()->create([
                'tree_id' => $treeId, 'user_id' => $user->id, 'kind' => $kind, 'state' => 'waiting', 'title' => mb_substr($title, 0, 255),
                'asked' => $asked(), 'done' => 0, 'total' => 100, 'said' => 'Waiting for its turn',
            ]))->refresh();
        } catch (UniqueConstraintViolationException) {
            throw new Refusal($busy, 409);
        }
    }

    public static function release(): void
    {
        $lost = Run::query()->where('state', 'running')->where('heartbeat_at', '<', Carbon::now()->subSeconds(self::LEASE_SECONDS))->get();
        foreach ($lost as $run) {
            self::giveUp($run);
        }
    }

    /** When no worker can be running, because none was started yet. */
    public static function releaseAll(): void
    {
        foreach (Run::query()->where('state', 'running')->get() as $run) {
            self::giveUp($run);
        }
        Tree::query()->whereNotNull('busy_with')->update(['busy_with' => null]);
    }

    private static function giveUp(Run $run): void
    {
        $again = match ($run->kind) {
            'copy' => 'Copy the tree again.',
            'export' => 'Write the file again.',
            'report' => 'Make the report again.',
            'joins' => 'What is joined stays joined.',
            'doubles' => 'Look for doubles again.',
            default => 'Bring the file in again.',
        };
        $run->update(['state' => 'failed', 'said' => "It was interrupted, and nothing of it was kept. {$again}"]);
        // A tree that was made for it, and into which nothing ever came.
        $made = $run->asked['into'] ?? $run->tree_id;
        if ($made !== $run->tree_id) {
            Tree::withTrashed()->whereKey($made)->where('people_count', 0)->forceDelete();
        }
        Tree::query()->whereKey($run->tree_id)->update(['busy_with' => null]);
    }
}
