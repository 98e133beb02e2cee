<?php

declare(strict_types=1);

namespace App\Trees\Editing;

use App\Models\Event;
use App\Models\ParentSet;
use App\Models\Union;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Tree\EventKinds;

/**
 * What speaks against moving a child to other parents: records that name the present ones, and a birth before the
 * wedding of the others.
 */
final readonly class MoveObjections
{
    public function __construct(private CurrentTree $current)
    {
    }

    /** @return list<string> in sentences */
    public function of(ParentSet $set, Union $to): array
    {
        return [...$this->named($set), ...$this->bornBefore($set->child_id, $to)];
    }

    /** @return list<string> the child's events on whose records one of the parents stands whom it would leave */
    private function named(ParentSet $set): array
    {
        $rows = DB::table('events')
            ->join('claims', static fn ($join) => $join->on('claims.tree_id', 'events.tree_id')->on('claims.event_id', 'events.id'))
            ->join('roll_lines', static fn ($join) => $join->on('roll_lines.tree_id', 'claims.tree_id')->on('roll_lines.record_id', 'claims.record_id'))
            ->join('placings', static fn ($join) => $join->on('placings.tree_id', 'roll_lines.tree_id')->on('placings.roll_line_id', 'roll_lines.id')->where('placings.state', 'placed'))
            ->join('counted_parentages', static fn ($join) => $join->on('counted_parentages.tree_id', 'placings.tree_id')->on('counted_parentages.person_id', 'placings.person_id'))
            ->join('person_lines', static fn ($join) => $join->on('person_lines.tree_id', 'placings.tree_id')->on('person_lines.person_id', 'placings.person_id'))
            ->where('events.tree_id', $this->current->id())->where('events.person_id', $set->child_id)->where('counted_parentages.parent_set_id', $set->id)
            ->where('events.standing', '<>', 'ruled out')->orderBy('events.date_begin_lo')->orderBy('person_lines.shown_name')
            ->distinct()->get(['events.id', 'events.kind', 'events.date_shown', 'events.date_begin_lo', 'person_lines.shown_name']);

        return array_values($rows->groupBy('id')->map(static function ($names): string {
            $event = $names->firstOrFail();
            $word = mb_strtolower(EventKinds::all()[$event->kind]->word ?? $event->kind);

            return "The record of the {$word}".($event->date_shown === '' ? '' : ", {$event->date_shown},")." names {$names->pluck('shown_name')->implode(' and ')}.";
        })->all());
    }

    /** @return list<string> */
    private function bornBefore(string $childId, Union $to): array
    {
        $birth = Event::query()->where('person_id', $childId)->where('kind', 'birth')->where('standing', '<>', 'ruled out')->whereNotNull('date_begin_hi')->orderBy('date_begin_hi')->first();
        $wedding = Event::query()->where('union_id', $to->id)->where('kind', 'marriage')->where('standing', '<>', 'ruled out')->whereNotNull('date_begin_lo')->orderByDesc('date_begin_lo')->first();

        return $birth !== null && $wedding !== null && $birth->getAttribute('date_begin_hi') < $wedding->getAttribute('date_begin_lo')
            ? ["The birth, {$birth->getAttribute('date_shown')}, was before that wedding, {$wedding->getAttribute('date_shown')}."]
            : [];
    }
}
