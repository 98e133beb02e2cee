<?php

declare(strict_types=1);

namespace App\Trees\Journal;

use App\Trees\Changes\AuthoredTables;
use App\Trees\Changes\JournalEntries;
use App\Trees\Changes\JournalEntry;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** What was deleted and is not there again: a view of the journal. */
final readonly class DeletedThings
{
    public const AT_ONCE = 40;

    /** What a person thinks of as one thing; whatever else was deleted went with one of these, and is listed with it. */
    private const THINGS = ['people', 'names', 'events', 'parent_sets', 'union_partners', 'sources', 'records', 'claims', 'notes', 'tasks',
        'questions', 'searches', 'places', 'groups', 'marks', 'media', 'regions', 'world_events'];

    /** What the rows that went with something are counted as. */
    private const COUNTED = ['events' => ['fact', 'facts'], 'union_partners' => ['tie to a partner', 'ties to partners'],
        'parent_sets' => ['tie to parents', 'ties to parents'],
        'parentages' => ['tie to a parent or child', 'ties to parents and children'],
        'claims' => ['citation', 'citations'], 'notes' => ['note', 'notes'], 'placings' => ['placing', 'placings'],
        'roll_lines' => ['line', 'lines']];

    public function __construct(private CurrentTree $current, private AboutWhom $whose)
    {
    }

    /**
     * @return array{list<DeletedThing>, int|null} the newest first, and where to go on
     */
    public function list(int $before = 0): array
    {
        $sets = DB::table('change_sets')->leftJoin('users', 'users.id', 'change_sets.user_id')
            ->where('change_sets.tree_id', $this->current->id())
            ->whereNull('change_sets.undone_by')->where('change_sets.kind', '<>', 'undo')
            ->whereExists(static fn (Builder $query) => $query->select(DB::raw(1))->from('journal')
                ->whereColumn('journal.tree_id', 'change_sets.tree_id')
                ->whereColumn('journal.change_set_id', 'change_sets.id')->where('journal.op', 'delete')
                ->whereIn('journal.table_name', self::THINGS))
            ->when($before > 0, static fn (Builder $query) => $query->where('change_sets.seq', '<', $before))
            ->orderByDesc('change_sets.seq')->limit(self::AT_ONCE)
            ->get(['change_sets.id', 'change_sets.seq', 'change_sets.made_at', 'change_sets.why', 'users.name as who'])->keyBy('id');
        $entries = JournalEntries::read(JournalEntries::of($this->current->id())->where('journal.op', 'delete')
            ->whereIn('journal.change_set_id', $sets->keys())->orderBy('journal.seq'));
        $isBack = $this->thatAreBack($entries);
        $whose = $this->whose->ofDeleted($entries);
        $listed = [];
        foreach ($sets as $set) {
            $whole = DeletedGraph::of(
                array_values(array_filter($entries, static fn (JournalEntry $entry): bool => $entry->changeSetId === $set->id)));
            foreach ($whole->things(self::THINGS) as $thing) {
                if (! isset($isBack[$thing->rowId])) {
                    $listed[] = new DeletedThing($thing->id, $whole->called($thing), $whose[$thing->rowId] ?? '',
                        self::counted($whole->goingWith($thing)), $set->who ?? 'North Bough', $set->made_at, $set->why);
                }
            }
        }

        return [$listed, count($sets) === self::AT_ONCE ? (int) $sets->min('seq') : null];
    }

    /**
     * @param  list<JournalEntry>  $entries
     * @return array<string, true> ids of rows that are there again
     */
    private function thatAreBack(array $entries): array
    {
        $byTable = [];
        foreach ($entries as $entry) {
            if (in_array($entry->table, self::THINGS, true)) {
                $byTable[$entry->table][] = $entry->rowId;
            }
        }
        $back = [];
        foreach ($byTable as $table => $ids) {
            $back += array_fill_keys(AuthoredTables::model($table)::query()->whereIn('id', $ids)->pluck('id')->all(), true);
        }

        return $back;
    }

    /** @param  list<JournalEntry>  $entries */
    private static function counted(array $entries): string
    {
        $counts = array_count_values(array_column($entries, 'table'));
        $words = [];
        foreach (self::COUNTED as $table => [$singular, $plural]) {
            $count = $counts[$table] ?? 0;
            if ($count > 0) {
                $words[] = $count === 1 ? "1 {$singular}" : "{$count} {$plural}";
            }
        }

        return implode(', ', $words);
    }
}
