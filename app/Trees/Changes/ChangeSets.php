<?php

declare(strict_types=1);

namespace App\Trees\Changes;

use App\Models\Tree;
use App\Models\TreeModel;
use App\Trees\Scope\CurrentTree;
use Closure;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** The one way to write into a tree: a transaction that is journalled with who, how and why, and done whole or not at all. */
final readonly class ChangeSets
{
    public function __construct(
        private CurrentTree $current,
        private OpenChange $open,
        private ChangeSteps $steps,
        private DerivedTables $derived,
        private Recalculation $recalculation,
        private ReadVersion $read,
    ) {
    }

    /**
     * @template T
     *
     * @param  Closure(Change): T  $work
     * @param  TreeModel  ...$rows  what was fetched before, for words or to look at: read again under the lock of the tree. The first
     *     is what is changed, and is refused where it is no longer as it was read
     * @return T
     *
     * @throws ModelNotFoundException when one of the rows is gone
     * @throws ChangedMeanwhile when it was changed since it was read
     * @throws TreeIsBusy while a file is being brought in
     */
    public function run(Intent $intent, Closure $work, TreeModel ...$rows): mixed
    {
        $tree = $this->current->get();
        // Asked before the lock is waited for: an import holds it until it is done.
        $busy = (string) Tree::query()->whereKey($tree->id)->value('busy_with');
        if ($busy !== '' && $intent->how !== ChangeMethod::Import) {
            throw TreeIsBusy::with($busy);
        }

        return DB::transaction(function () use ($tree, $intent, $work, $rows): mixed {
            $locked = Tree::query()->lockForUpdate()->findOrFail($tree->id);
            $change = $this->begin($locked, $intent);
            $this->open->open($change);
            try {
                foreach ($rows as $row) {
                    $row->refresh();
                }
                ChangedMeanwhile::sinceRead($this->read, ...array_slice(array_values($rows), 0, 1));
                $result = $work($change);
                foreach ($this->steps->all as $step) {
                    $step->complete($change, $intent);
                }
                $change->flush();
            } finally {
                $this->open->close();
            }
            foreach ($this->derived->atOnce as $derived) {
                $derived->refresh($derived->affectedBy($change->touched));
            }
            $this->recalculation->note($locked, $change->touched);

            return $result;
        });
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
