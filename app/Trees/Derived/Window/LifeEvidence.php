<?php

declare(strict_types=1);

namespace App\Trees\Derived\Window;

use App\Trees\Loading\DatabaseTree;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Life\Window\LifeWindows;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\ParentSet;

/** Tells the windows what bounds the lives of people: their facts, weddings, presence on records, and who was born of whom. */
final readonly class LifeEvidence
{
    public function __construct(private CurrentTree $current, private DatabaseTree $tree, private Presence $presence)
    {
    }

    /** @param  list<string>  $ids */
    public function lives(LifeWindows $windows, array $ids): void
    {
        $events = $this->tree->eventsOf($ids);
        $weddings = $this->tree->weddings($ids);
        foreach ($ids as $id) {
            $windows->person($id);
            $windows->events($id, $events[$id] ?? []);
            foreach ($weddings[$id] ?? [] as $wedding) {
                $windows->wed($id, $wedding);
            }
        }
        $this->presence->addTo($windows, $ids);
    }

    /**
     * @param  array<string, list<ParentSet>>  $sets  by child
     * @return list<array{string, string}> child and parent, of those who are parents by birth in the set that leads
     */
    public static function births(array $sets): array
    {
        $births = [];
        foreach ($sets as $childId => $ofChild) {
            foreach ($ofChild as $set) {
                foreach ($set->leads ? $set->parents : [] as $tie) {
                    if ($tie->kind === ParentageKind::Birth && $tie->standing->mayLead()) {
                        $births[] = [(string) $childId, $tie->personId];
                    }
                }
            }
        }

        return $births;
    }

    /** @param  list<array{string, string}>  $births  child and parent */
    public function parents(LifeWindows $windows, array $births): void
    {
        $sexes = DB::table('people')->where('tree_id', $this->current->id())->whereIn('id', array_unique(array_column($births, 1)))
            ->pluck('sex', 'id');
        foreach ($births as [$childId, $parentId]) {
            $windows->parent($childId, $parentId, Sex::from((string) ($sexes[$parentId] ?? 'U')));
        }
    }

    /**
     * @param  list<string>  $ids
     * @return list<string> children by any tie
     */
    public function childrenOf(array $ids): array
    {
        return array_values(
            array_map(strval(...), DB::table('parentages')
                ->join('parent_sets', static fn ($join) => $join->on('parent_sets.tree_id', 'parentages.tree_id')
                    ->on('parent_sets.id', 'parentages.parent_set_id'))
                ->where('parentages.tree_id', $this->current->id())->whereIn('parentages.person_id', $ids)->distinct()
                ->pluck('parent_sets.child_id')->all()));
    }
}
