<?php

declare(strict_types=1);

namespace App\Trees\Families;

use App\Models\Event;
use App\Models\ParentSet;
use App\Models\Union;
use App\Refusal;
use App\Trees\Loading\DatabaseTree;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Family\BeforeWedding;
use NorthBough\Core\Family\ChangesInWords;
use NorthBough\Core\Family\Command\MoveChild;
use NorthBough\Core\Family\FamilyCommand;
use NorthBough\Core\Family\FamilyGraph;
use NorthBough\Core\Family\Reach;
use NorthBough\Core\Tree\EventKinds;

/** Tells what a move among families would change, by the very steps that then do it, and what speaks against it. */
final readonly class MovesTold
{
    public function __construct(
        private CurrentTree $current,
        private DatabaseTree $tree,
        private FamilyWriter $writer,
        private FamilyLoader $loader,
    ) {
    }

    /**
     * @return list<string> in sentences
     *
     * @throws Refusal where it cannot be
     */
    public function of(FamilyCommand $command): array
    {
        [$graph, $changes] = $this->writer->plan($command);

        return $this->words($graph)->of($changes);
    }

    /**
     * Moving a child to another couple: what changes, what stays, and what speaks against it.
     *
     * @return list<string> in sentences
     *
     * @throws Refusal where it cannot be
     */
    public function child(ParentSet $set, Union $to): array
    {
        [$graph, $changes] = $this->writer->plan(new MoveChild($set->id, $to->id));
        $words = $this->words($graph);
        $told = $words->of($changes);

        return [...array_slice($told, 0, 1), self::facts($set->child_id, $words), ...$this->named($set),
            ...$this->bornBefore($set->child_id, $to->id), ...array_slice($told, 1)];
    }

    /** From whom to whom a child is moved, for the journal. */
    public function fromTo(ParentSet $set, Union $to): string
    {
        $words = $this->words($this->loader->around(Reach::people()->sets($set->id)->couples($to->id)));

        return "Moved {$words->name($set->child_id)} from {$words->couple($set->union_id)} to {$words->couple($to->id)}";
    }

    private function words(FamilyGraph $graph): ChangesInWords
    {
        $names = DB::table('person_lines')->where('tree_id', $this->current->id())->whereIn('person_id', $graph->personIds());

        return new ChangesInWords($graph, $names->pluck('shown_name', 'person_id')->all());
    }

    private static function facts(string $childId, ChangesInWords $words): string
    {
        $facts = Event::query()->where('person_id', $childId)->count();

        return ($facts === 1 ? 'The one fact stays' : "All {$facts} facts stay")." with {$words->name($childId)}.";
    }

    /** @return list<string> the child's events on whose records one of the parents stands whom it would leave */
    private function named(ParentSet $set): array
    {
        $rows = DB::table('events')
            ->join('claims', static fn ($join) => $join->on('claims.tree_id', 'events.tree_id')->on('claims.event_id', 'events.id'))
            ->join('roll_lines', static fn ($join) => $join->on('roll_lines.tree_id', 'claims.tree_id')
                ->on('roll_lines.record_id', 'claims.record_id'))
            ->join('placings', static fn ($join) => $join->on('placings.tree_id', 'roll_lines.tree_id')
                ->on('placings.roll_line_id', 'roll_lines.id')->where('placings.state', 'placed'))
            ->join('counted_parentages', static fn ($join) => $join->on('counted_parentages.tree_id', 'placings.tree_id')
                ->on('counted_parentages.person_id', 'placings.person_id'))
            ->join('person_lines', static fn ($join) => $join->on('person_lines.tree_id', 'placings.tree_id')
                ->on('person_lines.person_id', 'placings.person_id'))
            ->where('events.tree_id', $this->current->id())->where('events.person_id', $set->child_id)
            ->where('counted_parentages.parent_set_id', $set->id)
            ->where('events.standing', '<>', 'ruled out')->orderBy('events.date_begin_lo')->orderBy('person_lines.shown_name')
            ->distinct()->get(['events.id', 'events.kind', 'events.date_shown', 'events.date_begin_lo', 'person_lines.shown_name']);

        return array_values($rows->groupBy('id')->map(static function ($names): string {
            $event = $names->firstOrFail();
            $word = mb_strtolower(EventKinds::all()[$event->kind]->word ?? $event->kind);

            return "The record of the {$word}".($event->date_shown === '' ? '' : ", {$event->date_shown},")
                ." names {$names->pluck('shown_name')->implode(' and ')}.";
        })->all());
    }

    /** @return list<string> */
    private function bornBefore(string $childId, string $coupleId): array
    {
        $child = $this->tree->lives([$childId])[$childId] ?? null;
        $couple = $this->tree->unions([$coupleId], [])[$coupleId] ?? null;

        return array_values(array_filter([$child === null || $couple === null ? '' : BeforeWedding::says($child, $couple)]));
    }
}
