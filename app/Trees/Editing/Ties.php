<?php

declare(strict_types=1);

namespace App\Trees\Editing;

use App\Models\Event;
use App\Models\Parentage;
use App\Models\ParentSet;
use App\Models\Person;
use App\Models\Union;
use App\Models\UnionPartner;
use App\Refusal;
use App\Trees\Changes\Change;
use App\Trees\CurrentTree;
use App\Trees\DatabaseTree;
use NorthBough\Core\Kin\Ancestry;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Sex;

/** Ties people to parents and partners, and unties them. Called inside an open change set. */
final readonly class Ties
{
    public function __construct(private CurrentTree $current)
    {
    }

    /** Adds a parent to the set of this kind that has room, or begins a new set; the union that the parent is now in. */
    public function addParent(Person $child, Person $parent, ParentageKind $kind): Union
    {
        $this->refuseLoop($child, $parent);
        $sets = ParentSet::query()->where('child_id', $child->id)->orderByDesc('leads')->orderBy('position')->get();
        foreach ($sets as $set) {
            $parents = Parentage::query()->where('parent_set_id', $set->id)->get();
            if ($parents->contains('person_id', $parent->id)) {
                throw new Refusal('They are parent and child already.');
            }
            if ($set->kind === $kind->value && $parents->count() < 2) {
                $union = Union::query()->findOrFail($set->union_id);
                $this->joinUnion($union, $parent);

                return $union;
            }
            if ($set->kind === $kind->value && $kind === ParentageKind::Birth) {
                throw new Refusal('There are two parents by birth already. Say that these are adoptive or foster parents, or unlink one first.');
            }
        }
        $union = $this->addPartnerUnknown($parent);
        $this->addToUnion($child, $union, $kind);

        return $union;
    }

    /**
     * Adds a parent whom a record names. With the other parent in a union already, the child belongs to that union; a
     * union of the parent with nobody known takes the child before a new one is begun.
     */
    public function addParentTold(Person $child, Person $parent, ParentageKind $kind): Union
    {
        $this->refuseLoop($child, $parent);
        $set = ParentSet::query()->where('child_id', $child->id)->where('kind', $kind->value)->orderByDesc('leads')->orderBy('position')->first();
        $other = $set === null ? null : Parentage::query()->where('parent_set_id', $set->id)->value('person_id');
        $couple = $other === null ? null : Union::query()->whereIn('id', UnionPartner::counting()->where('person_id', $other)->select('union_id'))
            ->whereIn('id', UnionPartner::counting()->where('person_id', $parent->id)->select('union_id'))->orderBy('id')->first();
        if ($set !== null && $couple !== null && $couple->id !== $set->union_id) {
            $alone = Union::query()->findOrFail($set->union_id);
            $set->fill(['union_id' => $couple->id])->save();
            Parentage::query()->create(['parent_set_id' => $set->id, 'person_id' => $parent->id, 'kind' => $kind->value]);
            $this->tidyAlone($alone);

            return $couple;
        }
        $alone = $set !== null ? null : $this->unionAlone($parent);
        if ($alone !== null) {
            $this->addToUnion($child, $alone, $kind);

            return $alone;
        }

        return $this->addParent($child, $parent, $kind);
    }

    /** A union of somebody with a partner who is not known. */
    private function unionAlone(Person $person): ?Union
    {
        return Union::query()->whereIn('id', UnionPartner::counting()->where('person_id', $person->id)->select('union_id'))->get()
            ->first(static fn (Union $union): bool => UnionPartner::counting()->where('union_id', $union->id)->count() === 1);
    }

    /** A union that was begun for one child alone, and of which nothing is left. */
    private function tidyAlone(Union $union): void
    {
        if (ParentSet::query()->where('union_id', $union->id)->doesntExist() && Event::query()->where('union_id', $union->id)->doesntExist()) {
            $union->deleteWhole();
        }
    }

    public function addPartner(Person $person, Person $partner): Union
    {
        if ($person->id === $partner->id) {
            throw new Refusal('Nobody is their own partner.');
        }
        $union = $this->addPartnerUnknown($person);
        $this->partner($union, $partner);

        return $union;
    }

    /** A union of which one partner only is known. */
    public function addPartnerUnknown(Person $person): Union
    {
        $union = Union::query()->create();
        $this->partner($union, $person);

        return $union;
    }

    /** @param  string|null  $unionId which of the person's unions; may be left out while there is one at most */
    public function addChild(Person $person, Person $child, ?string $unionId, ParentageKind $kind): void
    {
        $unionIds = UnionPartner::counting()->where('person_id', $person->id)->pluck('union_id');
        if ($unionId !== null && ! $unionIds->contains($unionId)) {
            throw new Refusal('That union is not one of this person.');
        }
        if ($unionId === null && $unionIds->count() > 1) {
            throw new Refusal('This person has several unions. Add the child from the line of the union that it belongs to.');
        }
        $unionId ??= $unionIds->first();
        $union = $unionId === null ? $this->addPartnerUnknown($person) : Union::query()->where('id', $unionId)->firstOrFail();
        foreach (UnionPartner::counting()->where('union_id', $union->id)->get() as $parent) {
            $this->refuseLoop($child, Person::query()->findOrFail($parent->person_id));
        }
        $this->addToUnion($child, $union, $kind);
    }

    public function addSibling(Person $person, Person $sibling): void
    {
        $set = ParentSet::query()->where('child_id', $person->id)->orderByDesc('leads')->orderBy('position')->first();
        $union = $set === null ? Union::query()->create() : Union::query()->findOrFail($set->union_id);
        if ($set === null) {
            $this->addToUnion($person, $union, ParentageKind::Birth);
        }
        $this->addToUnion($sibling, $union, ParentageKind::Birth);
    }

    public function unlinkParents(Change $change, ParentSet $set): void
    {
        $union = Union::query()->findOrFail($set->union_id);
        $led = $set->leads;
        $childId = $set->child_id;
        $change->deleteWhole($set);
        if ($led) {
            ParentSet::query()->where('child_id', $childId)->orderBy('position')->first()?->fill(['leads' => true])->save();
        }
        $this->tidy($change, $union);
    }

    /**
     * Takes somebody out of every tie; they stay, with all that is told of them alone.
     *
     * @return int how many ties there were
     *
     * @throws Refusal when there is none
     */
    public function unlinkEverybody(Change $change, Person $person): int
    {
        $count = 0;
        // Each is fetched when its turn comes: unlinking one can change or take away another.
        while ($set = ParentSet::query()->where('child_id', $person->id)->orderBy('leads')->orderBy('id')->first()) {
            $this->unlinkParents($change, $set);
            $count++;
        }
        while ($tie = UnionPartner::query()->where('person_id', $person->id)->orderBy('id')->first()) {
            $this->unlinkPartner($change, $tie);
            $count++;
        }

        return $count === 0 ? throw new Refusal('There is no tie to take off.', 409) : $count;
    }

    /** Takes a partner out of a union, and with it the tie to the union's children. */
    public function unlinkPartner(Change $change, UnionPartner $tie): void
    {
        $union = Union::query()->findOrFail($tie->union_id);
        $sets = ParentSet::query()->where('union_id', $union->id)->pluck('id');
        foreach (Parentage::query()->whereIn('parent_set_id', $sets)->where('person_id', $tie->person_id)->get() as $parentage) {
            $parentage->deleteWhole();
        }
        $change->deleteWhole($tie);
        $this->tidy($change, $union);
    }

    /** A union that ties nobody to anybody any more, and of which nothing is told, goes. */
    public function tidy(Change $change, Union $union): void
    {
        $people = UnionPartner::query()->where('union_id', $union->id)->count() + ParentSet::query()->where('union_id', $union->id)->count();
        if ($people < 2 && Event::query()->where('union_id', $union->id)->doesntExist()) {
            $change->deleteWhole($union);
        }
    }

    /** Makes someone a partner of a union that has room, and a parent of its children. */
    private function joinUnion(Union $union, Person $parent): void
    {
        if (UnionPartner::counting()->where('union_id', $union->id)->count() > 1) {
            throw new Refusal('That union has two partners already.');
        }
        foreach (ParentSet::query()->where('union_id', $union->id)->get() as $set) {
            $this->refuseLoop(Person::query()->findOrFail($set->child_id), $parent);
            Parentage::query()->create(['parent_set_id' => $set->id, 'person_id' => $parent->id, 'kind' => $set->kind]);
        }
        $this->partner($union, $parent);
    }

    private function addToUnion(Person $child, Union $union, ParentageKind $kind): void
    {
        $sets = ParentSet::query()->where('child_id', $child->id)->get();
        if ($sets->contains('union_id', $union->id)) {
            throw new Refusal('They are parents and child already.');
        }
        if ($kind === ParentageKind::Birth && $sets->contains('kind', $kind->value)) {
            throw new Refusal('This child has parents by birth already. Say that these are adoptive or foster parents, or unlink the others first.');
        }
        $set = ParentSet::query()->create([
            'child_id' => $child->id, 'union_id' => $union->id, 'kind' => $kind->value,
            'leads' => $sets->isEmpty(), 'position' => 1 + (int) $sets->max('position'),
        ]);
        foreach (UnionPartner::counting()->where('union_id', $union->id)->pluck('person_id') as $parentId) {
            Parentage::query()->create(['parent_set_id' => $set->id, 'person_id' => $parentId, 'kind' => $kind->value]);
        }
    }

    private function partner(Union $union, Person $person): void
    {
        $taken = UnionPartner::counting()->where('union_id', $union->id)->pluck('slot');
        $wanted = Sex::from($person->sex) === Sex::Female ? 'WIFE' : 'HUSB';
        UnionPartner::query()->create([
            'union_id' => $union->id, 'person_id' => $person->id,
            'slot' => $taken->contains($wanted) ? ($wanted === 'WIFE' ? 'HUSB' : 'WIFE') : $wanted,
            'position' => 1 + (int) UnionPartner::query()->where('person_id', $person->id)->max('position'),
        ]);
    }

    /** @throws Refusal when the parent stands below the child */
    public function refuseLoop(Person $child, Person $parent): void
    {
        if ($child->id === $parent->id || (new Ancestry(new DatabaseTree($this->current)))->isAbove($child->id, $parent->id)) {
            throw new Refusal('That would make somebody their own ancestor. Nothing was changed.', 409);
        }
    }
}
