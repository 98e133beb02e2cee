<?php

declare(strict_types=1);

namespace App\Trees\Search;

use App\Trees\Access\LivingPeople;
use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Finds couples in their list: by the names of either, and by what is missing. */
final readonly class CoupleSearch
{
    public const WITHOUT = ['a date', 'a source', 'children', 'a partner'];

    public function __construct(private CurrentTree $current, private LivingPeople $living)
    {
    }

    /** Couples of whom whoever asks may see each partner. */
    public function lines(): Builder
    {
        $lines = DB::table('couple_lines')->where('couple_lines.tree_id', $this->current->id());

        return ! $this->living->isShielding() ? $lines : $lines->whereNotExists(static fn (Builder $either) => LivingPeople::onlyLiving(
            $either->selectRaw('1')->from('counted_partners')
                ->join('person_lines', static fn ($join) => $join->on('person_lines.tree_id', 'counted_partners.tree_id')
                    ->on('person_lines.person_id', 'counted_partners.person_id'))
                ->whereColumn('counted_partners.tree_id', 'couple_lines.tree_id')
                ->whereColumn('counted_partners.union_id', 'couple_lines.union_id')));
    }

    /** @param  string  $without  one of WITHOUT; anything else narrows nothing */
    public function matching(string $typed, string $without): Builder
    {
        $lines = $this->lines();
        foreach (SearchWords::of($typed) as $word) {
            $lines->where('couple_lines.search', 'like', "%{$word}%");
        }

        return match ($without) {
            'a date' => $lines->whereNull('married_day'),
            'a source' => $this->withoutSource($lines),
            'children' => $lines->where('children', 0),
            'a partner' => $lines->where('second_sort', ''),
            default => $lines,
        };
    }

    /** Nothing that is told of the couple is backed by a claim that stands. */
    private function withoutSource(Builder $lines): Builder
    {
        return $lines->whereNotExists(static fn (Builder $claims) => $claims->selectRaw('1')->from('events')
            ->join('claims', static fn ($join) => $join->on('claims.tree_id', 'events.tree_id')->on('claims.event_id', 'events.id'))
            ->whereColumn('events.tree_id', 'couple_lines.tree_id')->whereColumn('events.union_id', 'couple_lines.union_id')
            ->where('claims.withdrawn', ''));
    }
}
