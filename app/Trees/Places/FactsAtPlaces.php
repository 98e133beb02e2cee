<?php

declare(strict_types=1);

namespace App\Trees\Places;

use App\Trees\Scope\CurrentTree;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** The facts that happened in a place, or in what ever lay in it: by their words, or by what was said of one fact alone. */
final readonly class FactsAtPlaces
{
    private const INWARD = <<<'SQL'
        WITH RECURSIVE inward (id) AS (
            SELECT id FROM places WHERE tree_id = :tree AND id = :place
            UNION SELECT ties.id FROM inward JOIN LATERAL (
                SELECT id FROM places WHERE tree_id = :tree AND inside_id = inward.id
                UNION ALL SELECT place_id FROM place_insides WHERE tree_id = :tree AND inside_id = inward.id
            ) AS ties ON true
        ) SELECT id FROM inward
        SQL;

    public function __construct(private CurrentTree $current)
    {
    }

    /** @return list<string> ids of the place and of everything that ever lay in it */
    public function inward(string $placeId): array
    {
        return array_column(DB::select(self::INWARD, ['tree' => $this->current->id(), 'place' => $placeId]), 'id');
    }

    /**
     * @param  list<string>  $placeIds
     * @return Builder on events
     */
    public function in(array $placeIds): Builder
    {
        $tree = $this->current->id();
        $words = DB::table('place_wordings')->where('tree_id', $tree)->whereIn('place_id', $placeIds)->selectRaw('md5(typed) AS hash')
            ->pluck('hash')->all();

        return DB::table('events')->where('events.tree_id', $tree)
            ->where(static fn (Builder $either) => $either->whereIn('events.place_id', $placeIds)
                ->orWhere(static fn (Builder $both) => $both->whereNull('events.place_id')->where('place_typed', '!=', '')
                    ->whereRaw('md5(events.place_typed) = ANY(?::text[])', ['{'.implode(',', $words).'}'])));
    }

    /** Words on facts that stand for no place yet, each with how many facts use them. */
    public function unsettled(): Builder
    {
        return DB::table('events')->where('events.tree_id', $this->current->id())->where('place_typed', '!=', '')
            ->whereNull('events.place_id')
            ->whereNotExists(static fn (Builder $query) => $query->selectRaw('1')->from('place_wordings')
                ->whereColumn('place_wordings.tree_id', 'events.tree_id')->whereRaw('md5(place_wordings.typed) = md5(events.place_typed)'))
            ->groupBy('place_typed')->select('place_typed')->selectRaw('count(*) AS facts');
    }
}
