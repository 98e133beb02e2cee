<?php

declare(strict_types=1);

namespace App\Trees\Editing;

use App\Counted;
use App\Models\Event;
use App\Models\Parentage;
use App\Models\ParentSet;
use App\Models\Person;
use App\Models\Union;
use App\Models\UnionPartner;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\DB;

/**
 * Moves somebody who was tied in the wrong place, in one step: a child to other parents, or a partner's place in a union
 * to somebody else. What it changes is told first by the very steps that then do it.
 */
final readonly class Moves
{
    public function __construct(private CurrentTree $current, private Ties $ties, private MoveObjections $against)
    {
    }

    /**
     * @return list<string> what moving the child to another union changes, in sentences
     *
     * @throws Refusal
     */
    public function previewChild(ParentSet $set, Union $to): array
    {
        $this->refuseChild($set, $to);
        $child = $this->name($set->child_id);
        $siblings = ParentSet::query()->where('union_id', $to->id)->count();

        return [
            "{$child} leaves {$this->couple($set->union_id)} and becomes a child of {$this->couple($to->id)}".match ($siblings) {
                0 => '.',
                1 => ', beside the one who is there.',
                default => ", beside the {$siblings} who are there.",
            },
            $this->facts($set->child_id)." with {$child}.",
            ...$this->against->of($set, $to),
            ...$this->emptied($set->union_id, 1),
        ];
    }

    public function child(Change $change, ParentSet $set, Union $to): void
    {
        $this->refuseChild($set, $to);
        $from = Union::query()->where('id', $set->union_id)->firstOrFail();
        // Who was ruled out before is ruled out still: they keep a set of their own in the union that the child leaves.
        $ruledOut = Parentage::query()->where('parent_set_id', $set->id)->where('standing', 'ruled out')->get();
        if ($ruledOut->isNotEmpty()) {
            $set->fill(['union_id' => $to->id])->save();
            $stays = ParentSet::query()->create(['child_id' => $set->child_id, 'union_id' => $from->id, 'kind' => $set->kind, 'leads' => false, 'position' => 1 + (int) ParentSet::query()->where('child_id', $set->child_id)->max('position')]);
            $ruledOut->each(static fn (Parentage $parentage) => $parentage->fill(['parent_set_id' => $stays->id])->save());
        }
        foreach (Parentage::query()->where('parent_set_id', $set->id)->get() as $parentage) {
            $parentage->deleteWhole();
        }
        $set->fill(['union_id' => $to->id, 'child_ordinal' => -1, 'ordinal' => -1, 'side' => 'both'])->save();
        foreach (UnionPartner::counting()->where('union_id', $to->id)->pluck('person_id') as $parentId) {
            Parentage::query()->create(['parent_set_id' => $set->id, 'person_id' => $parentId, 'kind' => $set->kind]);
        }
        $this->ties->tidy($change, $from);
    }

    /**
     * @return list<string>
     *
     * @throws Refusal
     */
    public function previewPartner(UnionPartner $tie, Person $instead): array
    {
        $this->refusePartner($tie, $instead);
        [$was, $is] = [$this->name($tie->person_id), $this->name($instead->id)];
        $children = ParentSet::query()->where('union_id', $tie->union_id)->whereIn('id', Parentage::counting()->where('person_id', $tie->person_id)->select('parent_set_id'))->orderBy('child_ordinal')->orderBy('id')->pluck('child_id')->map($this->name(...));
        $events = Event::query()->where('union_id', $tie->union_id)->count();

        return [
            "{$is} takes the place of {$was} in this couple".($events === 0 ? '.' : ', with its '.Counted::of($events, 'event').'.'),
            ...($children->isEmpty() ? [] : ["{$is} becomes a parent of {$children->implode(', ')}, and {$was} is one no longer."]),
            "{$was} stays in the tree.",
        ];
    }

    public function partner(UnionPartner $tie, Person $instead): void
    {
        $this->refusePartner($tie, $instead);
        $sets = ParentSet::query()->where('union_id', $tie->union_id)->pluck('id');
        // Who was ruled out as a parent stays so, with why; it says nothing of who comes in their place.
        foreach (Parentage::counting()->whereIn('parent_set_id', $sets)->where('person_id', $tie->person_id)->get() as $parentage) {
            $parentage->fill(['person_id' => $instead->id])->save();
        }
        $tie->fill(['person_id' => $instead->id, 'person_ordinal' => -1, 'position' => 1 + (int) UnionPartner::query()->where('person_id', $instead->id)->max('position')])->save();
    }

    private function refuseChild(ParentSet $set, Union $to): void
    {
        if ($set->union_id === $to->id || ParentSet::counting()->where('child_id', $set->child_id)->where('union_id', $to->id)->exists()) {
            throw new Refusal('They are parents and child already.', 409);
        }
        if (ParentSet::query()->where('child_id', $set->child_id)->where('union_id', $to->id)->exists()) {
            throw new Refusal('They were ruled out as parents of this child. They can be let stand again at their line of kin.', 409);
        }
        foreach (UnionPartner::counting()->where('union_id', $to->id)->pluck('person_id') as $parentId) {
            $this->ties->refuseLoop(self::person($set->child_id), self::person($parentId));
        }
    }

    private function refusePartner(UnionPartner $tie, Person $instead): void
    {
        if (UnionPartner::query()->where('union_id', $tie->union_id)->where('person_id', $instead->id)->exists()) {
            throw new Refusal('That is a partner of this couple already.', 409);
        }
        foreach (ParentSet::query()->where('union_id', $tie->union_id)->pluck('child_id') as $childId) {
            $this->ties->refuseLoop(self::person($childId), $instead);
        }
    }

    /** @return list<string> what becomes of a union that so many of its children leave */
    private function emptied(string $unionId, int $export): array
    {
        $left = ParentSet::query()->where('union_id', $unionId)->count() - $export;
        $partners = UnionPartner::query()->where('union_id', $unionId)->count();

        return $left + $partners < 2 && Event::query()->where('union_id', $unionId)->doesntExist()
            ? ['The couple that was only there for this tie goes with it.']
            : [];
    }

    private function facts(string $personId): string
    {
        $facts = Event::query()->where('person_id', $personId)->count();

        return $facts === 1 ? 'The one fact stays' : "All {$facts} facts stay";
    }

    private static function person(string $id): Person
    {
        return Person::query()->where('id', $id)->firstOrFail();
    }

    /** @return string from whom to whom a child is moved, for the journal */
    public function fromTo(ParentSet $set, Union $to): string
    {
        return "Moved {$this->name($set->child_id)} from {$this->couple($set->union_id)} to {$this->couple($to->id)}";
    }

    private function couple(string $unionId): string
    {
        $names = UnionPartner::counting()->where('union_id', $unionId)->orderBy('slot')->pluck('person_id')->map($this->name(...));

        return $names->isEmpty() ? 'parents who are not known' : $names->implode(' and ');
    }

    private function name(string $personId): string
    {
        return (string) DB::table('person_lines')->where('tree_id', $this->current->id())->where('person_id', $personId)->value('shown_name');
    }
}
