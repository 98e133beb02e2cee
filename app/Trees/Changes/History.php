<?php

declare(strict_types=1);

namespace App\Trees\Changes;

use App\Models\TreeModel;
use App\Refusal;
use App\Trees\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What was changed about one person, value by value, and putting one value back. */
final readonly class History
{
    private const AT_ONCE = 60;

    /** What the values that people write are called; what is worked out from them is not told. */
    private const WORDS = [
        'date_typed' => 'when', 'place_typed' => 'where', 'value' => 'what it says', 'kind' => 'kind', 'type_words' => 'kind, in words', 'standing' => 'standing', 'denied' => 'that it did not happen',
        'given' => 'given name', 'surname' => 'surname', 'surname_prefix' => 'before the surname', 'suffix' => 'suffix', 'title' => 'title', 'nickname' => 'nickname', 'sex' => 'sex',
        'text' => 'words', 'proof' => 'proof', 'leads' => 'that it leads', 'words' => 'words', 'information' => 'information', 'informant' => 'told by', 'reading' => 'reading', 'weight_said' => 'weight',
        'state' => 'state', 'decision' => 'decision', 'reason' => 'reason', 'said_dead_why' => 'why they count as dead',
    ];

    /** Columns that belong to one value and go with it. */
    private const WITH = ['date_typed' => '/^(date|other)_/', 'place_typed' => '/^place_/'];

    public function __construct(private CurrentTree $current, private ChangeSets $changes)
    {
    }

    /**
     * @return list<stdClass> entries of the journal, the newest first: id, table_name, row_id, op, and of their change set seq, who, made_at, why, summary; `values` are {field, word, before, after}, `version` that of the row now, 0 where it is gone
     */
    public function of(string $personId, int $beforeSeq = 0): array
    {
        $entries = $this->entries($personId)->when($beforeSeq > 0, static fn (Builder $query) => $query->where('change_sets.seq', '<', $beforeSeq))
            ->orderByDesc('change_sets.seq')->orderByDesc('journal.seq')->limit(self::AT_ONCE)->get();
        $now = [];
        foreach ($entries->groupBy('table_name') as $table => $ofTable) {
            foreach (DB::table((string) $table)->where('tree_id', $this->current->id())->whereIn('id', $ofTable->pluck('row_id'))->get() as $row) {
                $now[(string) $row->id] = get_object_vars($row);
            }
        }
        $told = [];
        foreach ($entries as $entry) {
            $entry->version = (int) ($now[$entry->row_id]['version'] ?? 0);
            $entry->values = $this->values($entry, $now);
            $entry->called = self::called($entry->table_name, $now[$entry->row_id] ?? []);
            if ($entry->op !== 'update' || $entry->values !== []) {
                $told[] = $entry;
            }
        }

        return $told;
    }

    /**
     * Puts one value back as it was before an entry, with whatever belongs to it.
     *
     * @throws Refusal when the row is gone, or was changed while somebody looked at it
     */
    public function putBack(Intent $intent, string $entryId, string $field, int $version): void
    {
        $entry = DB::table('journal')->where('tree_id', $this->current->id())->where('id', $entryId)->where('op', 'update')->first();
        $before = $entry === null ? [] : json_decode($entry->before, true, flags: JSON_THROW_ON_ERROR);
        if ($entry === null || ! isset(self::WORDS[$field]) || ! array_key_exists($field, $before)) {
            throw new Refusal(Refusal::NOT_HERE, 404);
        }
        $this->changes->run($intent, static function () use ($entry, $before, $field, $version): void {
            /** @var class-string<TreeModel> $class */
            $class = Tables::model($entry->table_name);
            $row = $class::query()->where('id', $entry->row_id)->first() ?? throw new Refusal('It was deleted since. Put the whole back first.', 409);
            ChangedMeanwhile::unless($row, $version, [$field => (string) $before[$field]]);
            $with = array_filter($before, static fn (string $column): bool => $column === $field || (isset(self::WITH[$field]) && preg_match(self::WITH[$field], $column) === 1), ARRAY_FILTER_USE_KEY);
            $row->setRawAttributes(array_replace($row->getAttributes(), $with));
            $row->save();
        });
    }

    /** Every row that is somebody's: their own, those of their facts, and those that are gone. */
    private function entries(string $personId): Builder
    {
        $tree = $this->current->id();
        $own = static fn (string $table, string $column): Builder => DB::table($table)->where("{$table}.tree_id", $tree)->where("{$table}.{$column}", $personId)->select("{$table}.id");
        $ofFacts = static fn (string $table): Builder => DB::table($table)->join('events', static fn ($join) => $join->on('events.tree_id', "{$table}.tree_id")->on('events.id', "{$table}.event_id"))
            ->where("{$table}.tree_id", $tree)->where('events.person_id', $personId)->select("{$table}.id");
        $rows = $own('people', 'id');
        foreach (['names', 'events', 'union_partners', 'notes', 'tasks', 'questions', 'placings'] as $table) {
            $rows->union($own($table, 'person_id'));
        }
        $rows->union($own('parent_sets', 'child_id'))->union($ofFacts('claims'))->union($ofFacts('notes'));

        $ids = $rows->pluck('id');

        return DB::table('journal')->join('change_sets', static fn ($join) => $join->on('change_sets.tree_id', 'journal.tree_id')->on('change_sets.id', 'journal.change_set_id'))
            ->leftJoin('users', 'users.id', 'change_sets.user_id')
            ->where('journal.tree_id', $tree)
            ->where(static fn (Builder $either) => $either->whereIn('journal.row_id', $ids)
                ->orWhere(static fn (Builder $gone) => $gone->where('journal.op', 'delete')->whereRaw("journal.before->>'person_id' = ?", [$personId])))
            ->select(['journal.id', 'journal.table_name', 'journal.row_id', 'journal.op', 'journal.before', 'change_sets.seq', 'change_sets.made_at', 'change_sets.why', 'change_sets.summary', 'users.name as who']);
    }

    /**
     * What an entry changed, and to what. Entries come newest first, so `$now` is what each row was just after the entry, and is taken back on the way.
     *
     * @param  array<array<string, mixed>>  $now  by row
     * @return list<array{field: string, word: string, before: string, after: string}>
     */
    private function values(stdClass $entry, array &$now): array
    {
        $before = $entry->before === null ? [] : json_decode($entry->before, true, flags: JSON_THROW_ON_ERROR);
        $values = [];
        foreach ($before as $field => $value) {
            $word = self::WORDS[$field] ?? '';
            if ($word !== '' && ($entry->op === 'update' || $value !== '')) {
                $values[] = ['field' => $field, 'word' => $word, 'before' => self::text($value), 'after' => $entry->op === 'update' ? self::text($now[$entry->row_id][$field] ?? '') : ''];
            }
        }
        foreach ($before as $field => $value) {
            $now[$entry->row_id][(string) $field] = $value;
        }

        return $values;
    }

    /** @param  array<string, mixed>  $row */
    private static function called(string $table, array $row): string
    {
        return trim(Tables::word($table).' '.self::text($row['kind'] ?? $row['given'] ?? ''));
    }

    private static function text(mixed $value): string
    {
        return match (true) {
            is_bool($value) => $value ? 'yes' : 'no',
            is_scalar($value) => (string) $value,
            default => '',
        };
    }
}
