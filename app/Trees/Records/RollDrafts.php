<?php

declare(strict_types=1);

namespace App\Trees\Records;

use App\Models\Record;
use App\Models\User;
use App\Refusal;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** What is being typed at a record and is not kept yet: held beside the tree, by whoever types. */
final readonly class RollDrafts
{
    /** For how long somebody else's draft is not written over. */
    private const HELD_MINUTES = 30;

    public function hold(Record $record, User $user, int $ofVersion, int $seq, string $roll): void
    {
        DB::transaction(function () use ($record, $user, $ofVersion, $seq, $roll): void {
            $held = $this->row($record->id, $record->tree_id)->lockForUpdate()->first();
            if ($held !== null && $held->user_id !== null && $held->user_id !== $user->id && Carbon::parse($held->saved_at)
                ->gt(Carbon::now()->subMinutes(self::HELD_MINUTES))) {
                $name = User::query()->whereKey($held->user_id)->value('name') ?? 'Somebody';
                throw new Refusal("{$name} is typing on this record. What you typed stays on this page; keep it when they are done.", 409);
            }
            // A request that was overtaken by a later one is of no use any more.
            if ($held === null || $held->user_id !== $user->id || $held->of_version !== $ofVersion || $held->seq < $seq) {
                DB::table('roll_drafts')->updateOrInsert(['tree_id' => $record->tree_id, 'record_id' => $record->id],
                    ['user_id' => $user->id, 'roll' => $roll, 'of_version' => $ofVersion, 'seq' => $seq, 'saved_at' => Carbon::now()]);
            }
        });
    }

    public function forget(string $recordId): void
    {
        $this->row($recordId, Record::query()->findOrFail($recordId)->tree_id)->delete();
    }

    private function row(string $recordId, string $treeId): \Illuminate\Database\Query\Builder
    {
        return DB::table('roll_drafts')->where('tree_id', $treeId)->where('record_id', $recordId);
    }
}
