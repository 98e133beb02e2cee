<?php

declare(strict_types=1);

namespace App\Trees\Check;

use App\Jobs\FollowChanges;
use App\Models\Tree;
use App\Trees\Check\Finding\ConflictFindings;
use App\Trees\Check\Window\StoredWindows;
use App\Trees\CurrentTree;
use App\Trees\Derived\Touched;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Of whom something waits to be worked out anew, windows and findings: noted with each change, done in the queue. */
final readonly class Due
{
    private const AT_ONCE = 1000;

    /** After so many minutes a worker that was asked is taken for lost. */
    private const LOST_AFTER = 10;

    public function __construct(private CurrentTree $current, private StoredWindows $windows, private ConflictFindings $conflicts)
    {
    }

    /**
     * Called in the transaction of the change.
     *
     * @param  list<string>  $personIds
     */
    public function note(Tree $locked, array $personIds, Touched $touched): void
    {
        if ($touched->isBulk()) {
            $this->noteAll();

            return;
        }
        $ids = array_values(array_unique([...$personIds, ...$this->present($touched)]));
        if ($ids !== []) {
            DB::table('people_due')->insert(array_map(static fn (string $id): array => ['tree_id' => $locked->id, 'person_id' => $id], $ids));
            $this->ask($locked->id, $locked->due_asked_at);
        }
    }

    /** The whole tree, as after a file was brought in. */
    public function noteAll(): void
    {
        DB::table('people_due')->insert(['tree_id' => $this->current->id(), 'person_id' => null]);
        $this->ask($this->current->id(), null);
    }

    /** Works out whatever waits; whoever is touched meanwhile waits again. */
    public function catchUp(): void
    {
        // First: whoever is noted from here on asks anew, so that nobody waits unasked.
        DB::table('trees')->where('id', $this->current->id())->update(['due_asked_at' => null]);
        while (DB::transaction($this->some(...))) {
        }
    }

    /** Whether anybody waits. */
    public function isAny(): bool
    {
        return DB::table('people_due')->where('tree_id', $this->current->id())->exists();
    }

    private function some(): bool
    {
        $due = DB::table('people_due')->where('tree_id', $this->current->id())->orderBy('id')->limit(self::AT_ONCE)->pluck('person_id', 'id');
        if ($due->isEmpty()) {
            return false;
        }
        if ($due->contains(null)) {
            $this->windows->rebuild();
            $this->conflicts->rebuild();
        } else {
            $ids = array_values(array_map(strval(...), $due->unique()->all()));
            $this->windows->refresh($ids);
            $this->conflicts->refresh($ids);
        }
        DB::table('people_due')->where('tree_id', $this->current->id())->whereIn('id', $due->keys())->delete();

        return true;
    }

    /** @return list<string> whoever stood by at an event that changed, or stands on a record that did */
    private function present(Touched $touched): array
    {
        $ids = [];
        if ($touched->hasAny('events')) {
            $ids = DB::table('event_roles')->where('tree_id', $this->current->id())->whereIn('event_id', $touched->rows())->whereNotNull('person_id')->pluck('person_id')->all();
        }
        if ($touched->hasAny('records', 'roll_lines')) {
            array_push($ids, ...DB::table('placings')->join('roll_lines', static fn ($join) => $join->on('roll_lines.tree_id', 'placings.tree_id')->on('roll_lines.id', 'placings.roll_line_id'))
                ->where('placings.tree_id', $this->current->id())->whereNotNull('placings.person_id')
                ->where(static fn ($either) => $either->whereIn('roll_lines.record_id', $touched->rows())->orWhereIn('roll_lines.id', $touched->rows()))->pluck('placings.person_id')->all());
        }

        return array_values(array_map(strval(...), $ids));
    }

    private function ask(string $treeId, ?string $askedAt): void
    {
        if ($askedAt === null || Carbon::parse($askedAt)->diffInMinutes(Carbon::now()) > self::LOST_AFTER) {
            DB::table('trees')->where('id', $treeId)->update(['due_asked_at' => Carbon::now()]);
            FollowChanges::dispatch($treeId);
        }
    }
}
