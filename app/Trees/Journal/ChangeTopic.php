<?php

declare(strict_types=1);

namespace App\Trees\Journal;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** What a change can be about, by which the journal is filtered. */
enum ChangeTopic: string
{
    case Names = 'names';
    case Dates = 'dates';
    case Places = 'places';
    case Standing = 'standing';
    case Parents = 'parents';
    case Partners = 'partners';
    case Citations = 'citations';
    case Records = 'records';
    case Questions = 'questions';
    case Notes = 'notes';

    /** @return list<array{string, list<string>}> tables, and their columns; none for all of them */
    private function tables(): array
    {
        return match ($this) {
            self::Names => [['names', []]],
            self::Dates => [['events', ['date_typed']]],
            self::Places => [['events', ['place_typed']], ['places', []], ['place_names', []], ['place_insides', []],
                ['place_churches', []],
                ['place_wordings', []]],
            self::Standing => [['events', ['standing']], ['names', ['standing']], ['union_partners', ['standing']],
                ['parentages', ['standing', 'proof']]],
            self::Parents => [['parent_sets', []], ['parentages', []]],
            self::Partners => [['union_partners', []], ['unions', []]],
            self::Citations => [['claims', []], ['sources', []]],
            self::Records => [['records', []], ['roll_lines', []], ['placings', []]],
            self::Questions => [['questions', []], ['alternatives', []], ['points', []], ['searches', []]],
            self::Notes => [['notes', []], ['tasks', []]],
        };
    }

    /** Keeps the change sets that changed this; what was made or deleted whole counts where the whole is it. */
    public function narrow(Builder $changeSets): void
    {
        $changeSets->whereExists(fn (Builder $query) => $query->select(DB::raw(1))->from('journal')
            ->whereColumn('journal.tree_id', 'change_sets.tree_id')->whereColumn('journal.change_set_id', 'change_sets.id')
            ->where(function (Builder $either): void {
                foreach ($this->tables() as [$table, $columns]) {
                    $either->orWhere(static fn (Builder $builder) => $builder->where('journal.table_name', $table)
                        ->when($columns !== [], static fn (Builder $of) => $of->where('journal.op', 'update')
                            ->whereRaw('jsonb_exists_any(journal.before, ?::text[])', ['{'.implode(',', $columns).'}'])));
                }
            }));
    }
}
