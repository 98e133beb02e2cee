<?php

declare(strict_types=1);

namespace App\Trees\Derived;

use App\Trees\Changes\AffectedPeople;
use App\Trees\Changes\DerivedData;
use App\Trees\Loading\DatabaseTree;
use App\Trees\Loading\EveryRow;
use App\Trees\Scope\CurrentTree;
use App\Trees\Storage\CopyRows;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Union;

/** The line of each couple in the list of couples; by the lines of the partners in the index, which is worked out before. */
final readonly class CoupleIndex implements DerivedData
{
    private const AT_ONCE = 2000;

    public function __construct(private CurrentTree $current, private DatabaseTree $tree, private EveryRow $every)
    {
    }

    /** Couples that were touched, and those of which a partner is called otherwise or is there no more. */
    public function affectedBy(AffectedPeople $affected): array
    {
        if (! $affected->hasAny('people', 'names', 'kept')) {
            return $affected->couples();
        }
        $ofPartners = DB::table('union_partners')->where('tree_id', $this->current->id())->whereIn('person_id', $affected->people())
            ->pluck('union_id')->all();

        return array_values(array_unique([...$affected->couples(), ...array_map(strval(...), $ofPartners)]));
    }

    public function refresh(array $ids): void
    {
        foreach (array_chunk($ids, self::AT_ONCE) as $chunk) {
            DB::table('couple_lines')->where('tree_id', $this->current->id())->whereIn('union_id', $chunk)->delete();
            $this->store($chunk);
        }
    }

    public function rebuild(): void
    {
        DB::table('couple_lines')->where('tree_id', $this->current->id())->delete();
        foreach ($this->every->couples(self::AT_ONCE) as $chunk) {
            $this->store($chunk);
        }
        DB::statement('ANALYZE couple_lines');
    }

    /** @param  list<string>  $ids */
    private function store(array $ids): void
    {
        $unions = array_filter($this->tree->unions($ids, []), static fn (Union $union): bool => $union->partnerIds !== []);
        $people = DB::table('person_lines')->where('tree_id', $this->current->id())
            ->whereIn('person_id', array_merge([], ...array_values(array_column($unions, 'partnerIds'))))
            ->get(['person_id', 'sort_name', 'search'])->keyBy('person_id');
        $lines = [];
        foreach ($unions as $union) {
            $partners = array_map(static fn (string $id): object => $people->get($id) ?? (object) ['sort_name' => '', 'search' => ''],
                $union->partnerIds);
            // The list is read by everybody: a wedding that is to be withheld stands on the page alone.
            $wedding = $union->marriage();
            $wedding = $wedding?->isWithheld() === true ? null : $wedding;
            $lines[] = [
                'tree_id' => $this->current->id(),
                'union_id' => $union->id,
                'first_sort' => $partners[0]->sort_name,
                'second_sort' => $partners[1]->sort_name ?? '',
                'search' => implode(' ', array_column($partners, 'search')),
                'married_shown' => $wedding->date->shown ?? '',
                'married_day' => self::day($wedding),
                'married_place' => $wedding->place ?? '',
                'children' => count($union->childIds),
            ];
        }
        if ($lines !== []) {
            CopyRows::into('couple_lines', $lines);
        }
    }

    private static function day(?Event $wedding): ?int
    {
        $span = $wedding?->date->span();

        return $span->earliest ?? $span?->latest;
    }
}
