<?php

declare(strict_types=1);

namespace App\Trees\Joins;

use App\Models\Join;
use App\Models\TreeModel;
use App\Models\User;
use App\Refusal;
use App\Trees\Changes\AuthoredTables;
use App\Trees\Changes\Change;
use App\Trees\Changes\ChangeDates;
use App\Trees\Changes\ChangeSets;
use App\Trees\Changes\Intent;
use App\Trees\Changes\JournalEntries;
use App\Trees\Changes\JournalEntry;
use App\Trees\Changes\LaterChanges;
use App\Trees\Changes\OpenChange;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

/**
 * Takes apart what was joined, however long ago. What the join changed goes back as it was, field by field;
 * what was changed since stays as it was changed, with whom the row belongs to. Of what was made since, records that name
 * the one who comes back tell; of the rest it is asked.
 */
final readonly class TakeApart
{
    /** Columns that name what may have been joined to something since, and the table that they name. */
    private const NAMING = ['person_id' => 'people', 'child_id' => 'people', 'other_person_id' => 'people', 'kept_person_id' => 'people',
        'place_id' => 'places', 'inside_id' => 'places', 'church_id' => 'places', 'kept_place_id' => 'places',
        'source_id' => 'sources', 'kept_source_id' => 'sources', 'repository_id' => 'repositories',
        'kept_repository_id' => 'repositories', 'media_id' => 'media', 'kept_media_id' => 'media'];

    public function __construct(
        private CurrentTree $current,
        private ChangeSets $changes,
        private LaterChanges $later,
        private MadeSince $since,
        private Joined $joined,
        private OpenChange $open,
    ) {
    }

    /**
     * @param  array<string, string>  $answers  `kept` or `gone` by id of what was made since
     * @return TakenApart whom it brought back, and what could not be told
     *
     * @throws Refusal where they cannot be taken apart, saying why
     */
    public function run(Join $join, array $answers, ?User $user, string $why): TakenApart
    {
        $this->refuse($join);
        $entries = JournalEntries::read(JournalEntries::of($this->current->id())
            ->where('journal.change_set_id', $join->choices['set'] ?? '')->orderByDesc('journal.seq'));
        if ($entries === []) {
            throw new Refusal(
                'What the join did is not in the journal of this tree: it was done in the tree of which this is a copy.', 409);
        }

        $whom = $join->gone_number === null ? (string) ($join->choices['name'] ?? '') : "no. {$join->gone_number}";

        return $this->changes->run(new Intent($user, "Took apart what was joined as {$whom}", $why, restores: true),
            function (Change $change) use ($join, $entries, $answers): TakenApart {
                $join = Join::query()->findOrFail($join->id);
                $this->refuse($join);
                $since = $this->since->of($join, $entries);
                $open = [];
                foreach ($entries as $entry) {
                    $says = $entry->table === 'joins' ? '' : $this->back($change, $entry);
                    $says === '' || $open[] = $says;
                }
                $left = $this->since->share($since, $join, $answers);
                $join->fill(['apart_by' => $change->id])->save();

                return new TakenApart($join->gone_id, $this->joined->kept($join), $left, $open);
            });
    }

    /** @throws Refusal */
    private function refuse(Join $join): void
    {
        if ($join->apart_by !== null) {
            throw new Refusal('They were taken apart already.', 409);
        }
    }

    /** @return string what could not be put back as it was, in a sentence; empty where all of it was */
    private function back(Change $change, JournalEntry $entry): string
    {
        return match ($entry->op) {
            'delete' => $this->putBack($entry),
            'insert' => $this->takeOut($entry),
            default => $this->restore($change, $entry),
        };
    }

    private function putBack(JournalEntry $entry): string
    {
        $class = AuthoredTables::model($entry->table);
        if ($class::query()->whereKey($entry->rowId)->exists()) {
            return '';
        }
        $put = function (array $columns) use ($class): string {
            $row = new $class;
            $row->setRawAttributes($columns);
            $row->version++;

            return $this->tried($row, static fn () => $row->save(), 'did not come back');
        };

        return $this->leadingOrNot($put, $this->resolved($entry->before));
    }

    private function takeOut(JournalEntry $entry): string
    {
        $row = AuthoredTables::model($entry->table)::query()->where('id', $entry->rowId)->first();

        return $row === null ? '' : $this->tried($row, static fn () => $row->delete(), 'stays');
    }

    /** Fields that are as the join left them go back; what was changed since stays. */
    private function restore(Change $change, JournalEntry $entry): string
    {
        if (array_keys($entry->before) === [ChangeDates::COLUMN]) {
            return $this->restoreDate($change, $entry);
        }
        $row = AuthoredTables::model($entry->table)::query()->where('id', $entry->rowId)->first();
        if ($row === null) {
            return '';
        }
        $now = array_intersect_key($row->getRawOriginal(), $entry->before);
        $changed = array_filter($this->later->changed($entry, $now), fn (string $field): bool => ! $this->wentOn($entry, $field,
            (string) $now[$field]));
        $set = function (array $columns) use ($entry): string {
            $row = AuthoredTables::model($entry->table)::query()->where('id', $entry->rowId)->firstOrFail();
            $row->setRawAttributes(array_replace($row->getAttributes(), $columns));

            return $this->tried($row, static fn () => $row->isDirty() && $row->save(), 'stays as it is');
        };
        $says = $this->leadingOrNot($set, $this->resolved(array_diff_key($entry->before, array_flip($changed))));

        return $says !== '' || $changed === [] || array_diff($changed, ['position', 'ordinal', 'side', 'person_ordinal']) === [] ? $says
            : ucfirst(AuthoredTables::word($entry->table)).' was changed since, and stays as it was changed.';
    }

    /**
     * Where another set of parents leads by now, one that led before comes back and leads no longer.
     *
     * @param  \Closure(array<string, mixed>): string  $write  says what could not be written; empty where all was
     * @param  array<string, mixed>  $columns
     */
    private function leadingOrNot(\Closure $write, array $columns): string
    {
        $says = $write($columns);

        return $says !== '' && ($columns['leads'] ?? false) === true ? $write(['leads' => false] + $columns) : $says;
    }

    /** Whether a field differs only because whoever it names was joined to somebody in turn. */
    private function wentOn(JournalEntry $entry, string $field, string $now): bool
    {
        $left = $this->later->left($entry, $field);

        return str_ends_with($field, '_id') && is_string($left) && $this->joined->resolve($left) === $now;
    }

    private function restoreDate(Change $change, JournalEntry $entry): string
    {
        $row = DB::table($entry->table)->where('tree_id', $this->current->id())->where('id', $entry->rowId)->first([ChangeDates::COLUMN]);
        if ($row !== null && $this->later->changed($entry, get_object_vars($row)) === []) {
            $change->restoreDate($entry->table, $entry->rowId, $entry->before[ChangeDates::COLUMN]);
        }

        return '';
    }

    /**
     * @param  array<string, mixed>  $columns
     * @return array<string, mixed> those that name what went since name what it became
     */
    private function resolved(array $columns): array
    {
        foreach ($columns as $column => $value) {
            $table = self::NAMING[$column] ?? '';
            if ($table !== '' && is_string($value)
                && DB::table($table)->where('tree_id', $this->current->id())->where('id', $value)->doesntExist()) {
                $columns[$column] = $this->joined->resolve($value);
            }
        }

        return $columns;
    }

    /** Does a step that the database may refuse, where what it needs has gone since. */
    private function tried(TreeModel $row, \Closure $step, string $otherwise): string
    {
        try {
            $this->open->get()->attempt($step);

            return '';
        } catch (QueryException $problem) {
            return in_array($problem->getCode(), ['23503', '23505', '23514'], true)
                ? ucfirst(AuthoredTables::word($row->getTable()))." {$otherwise}: something changed since needs it so." : throw $problem;
        }
    }
}
