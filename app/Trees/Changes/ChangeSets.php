<?php

declare(strict_types=1);

namespace App\Trees\Changes;

use App\Models\Tree;
use App\Trees\Derived\PersonIndex;
use App\Trees\Derived\RecalculationQueue;
use App\Trees\Evidence\Questions;
use App\Trees\Scope\CurrentTree;
use Closure;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** The one way to write into a tree: a transaction that is journalled with who, how and why, and done whole or not at all. */
final readonly class ChangeSets
{
    public function __construct(private CurrentTree $current, private OpenChange $open, private PersonIndex $lines, private Questions $questions, private RecalculationQueue $due)
    {
    }

    /**
     * @template T
     *
     * @param  Closure(Change): T  $work
     * @return T
     *
     * @throws TreeIsBusy while a file is being brought in
     */
    public function run(Intent $intent, Closure $work): mixed
    {
        $tree = $this->current->get();
        // Asked before the lock is waited for: an import holds it until it is done.
        $busy = (string) Tree::query()->whereKey($tree->id)->value('busy_with');
        if ($busy !== '' && $intent->how !== ChangeMethod::Import) {
            throw TreeIsBusy::with($busy);
        }

        return DB::transaction(function () use ($tree, $intent, $work): mixed {
            $locked = Tree::query()->lockForUpdate()->findOrFail($tree->id);
            $change = $this->begin($locked, $intent);
            $this->open->open($change);
            try {
                $result = $work($change);
                if ($intent->kind === 'do') {
                    $this->questions->look($change, $intent->how);
                    $change->stamp(Carbon::now());
                }
                $change->flush();
            } finally {
                $this->open->close();
            }
            $people = array_values(array_unique([...$change->touched->people(), ...$this->partners($change->touched->unions())]));
            $this->lines->refresh($people);
            $this->due->note($locked, $people, $change->touched);
            if ($change->touched->people !== 0) {
                DB::table('trees')->where('id', $tree->id)->increment('people_count', $change->touched->people);
            }

            return $result;
        });
    }

    /**
     * @param  list<string>  $unionIds
     * @return list<string>
     */
    private function partners(array $unionIds): array
    {
        return $unionIds === [] ? [] : array_values(array_map(strval(...), DB::table('union_partners')->where('tree_id', $this->current->id())->whereIn('union_id', $unionIds)->pluck('person_id')->all()));
    }

    private function begin(Tree $tree, Intent $intent): Change
    {
        $id = (string) Str::uuid7();
        $tree->last_change++;
        $tree->save();
        DB::table('change_sets')->insert([
            'tree_id' => $tree->id,
            'id' => $id,
            'seq' => $tree->last_change,
            'user_id' => $intent->user?->id,
            'how' => $intent->how->value,
            'kind' => $intent->kind,
            'summary' => $intent->summary,
            'why' => $intent->why,
            'undoes' => $intent->undoes,
            'made_at' => Carbon::now(),
        ]);

        return new Change($tree->id, $id);
    }
}
