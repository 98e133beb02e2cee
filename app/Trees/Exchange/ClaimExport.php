<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Gedcom\Row\ClaimRow;

/** The claims that hang on rows of one kind, as they are written to a file: with the numbers of their lines, and what they do. */
final readonly class ClaimExport
{
    public function __construct(private CurrentTree $current)
    {
    }

    /**
     * @param  string  $kind  person, name, event, union, or parentage for the claims of a tie, which have no fact of their own
     * @param  Collection<int, string>  $ids
     * @return array<string, list<ClaimRow>> by owner
     */
    public function of(string $kind, Collection $ids): array
    {
        if ($ids->isEmpty()) {
            return [];
        }
        $rows = DB::table('claims')->where('claims.tree_id', $this->current->id())->select('claims.*')->orderBy('claims.ordinal')
            ->orderBy('claims.id');
        foreach (['line_number' => 'roll_line_id', 'other_number' => 'other_line_id'] as $name => $column) {
            $rows->selectSub(self::lineNumber("claims.{$column}"), $name);
        }
        if ($kind === 'parentage') {
            $rows->join('claim_uses', static fn ($join) => $join->on('claim_uses.tree_id', 'claims.tree_id')
                ->on('claim_uses.claim_id', 'claims.id'))
                ->whereNotNull('claims.roll_line_id')->whereIn('claim_uses.parentage_id', $ids)
                ->addSelect(['claim_uses.parentage_id', 'claim_uses.stance', 'claim_uses.evidence AS used_as']);
        } elseif ($kind === 'event') {
            $rows->leftJoin('claim_uses', static fn ($join) => $join->on('claim_uses.tree_id', 'claims.tree_id')
                ->on('claim_uses.claim_id', 'claims.id')->on('claim_uses.event_id', 'claims.event_id'))
                ->whereIn('claims.event_id', $ids)->addSelect(['claim_uses.stance', 'claim_uses.evidence AS used_as']);
        } else {
            $rows->whereIn("claims.{$kind}_id", $ids)->selectRaw("'' AS stance, '' AS used_as");
        }
        $claims = [];
        foreach ($rows->get() as $row) {
            $claims[$row->{"{$kind}_id"}][] = FileRows::claim($row, $kind);
        }

        return $claims;
    }

    /** The number of a line on its record, from 1. */
    public static function lineNumber(string $column): Builder
    {
        return DB::table('roll_lines AS mine')->selectRaw('1 + count(above.id)')
            ->leftJoin('roll_lines AS above', static fn ($join) => $join->on('above.tree_id', 'mine.tree_id')
                ->on('above.record_id', 'mine.record_id')
                ->whereRaw('(above.position, above.id) < (mine.position, mine.id)'))
            ->whereColumn('mine.id', $column)->groupBy('mine.id');
    }
}
