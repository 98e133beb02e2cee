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
use App\Trees\Loading\DatabaseTree;
use App\Trees\Scope\CurrentTree;
use NorthBough\Core\Kin\AncestorWalk;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Standing;

/** Ties people to parents and partners, and unties them. Called inside an open change set. */
final readonly class Ties
{
    public function __construct(private CurrentTree $current, private ParentSlots $parents)
    {
    }

    /**
     * Adds a parent to the set of this kind that has room, or begins a new set; the union that the parent is now in. Who
     * was ruled out holds no place, and stays where they are with why.
     *
     * @throws Refusal when they are parent and child already, or two parents by birth lead
     */
    public function addParent(Person $child, Person $parent, ParentageKind $kind, Standing $standing = Standing::Unweighed): Union
    {
        $this->refuseLoop($child, $parent);
        if (Parentage::counting()->where('person_id', $parent->id)->whereIn('parent_set_id', $this->parents->setsOf($child))->exists()) {
            throw new Refusal('They are parent and child already.');
        }
        if ($kind === ParentageKind::Birth && $standing->mayLead() && $this->parents->leadingByBirth($child)->count() > 1) {
            throw new Refusal('There are two parents by birth already. Say that these are adoptive or foster parents, or unlink one first.');
        }
        foreach ($standing->mayLead() ? $this->parents->sets($child, $kind) : [] as $set) {
            $union = Union::query()->findOrFail($set->union_id);
            if ($this->parents->hasRoom($set) && UnionPartner::counting()->where('union_id', $union->id)->count() < 2) {
                $this->joinUnion($union, $parent);

                return $union;
            }
        }

        return $this->addAlone($child, $parent, $kind, $standing);
    }

    /**
     * Adds a parent whom a record names. With the other parent in a union already, the child belongs to that union; a
     * union of the parent with nobody known takes the child before a new one is begun.
     */
    public function addParentTold(Person $child, Person $parent, ParentageKind $kind, Standing $standing = Standing::Unweighed): Union
    {
        $this->refuseLoop($child, $parent);
        $set = $this->parents->sets($child, $kind)->first();
        $other = $set === null ? null : Parentage::leading()->where('parent_set_id', $set->id)->value('person_id');
        $couple = $other === null ? null : $this->parents->coupleOf((string) $other, $parent->id);
        if ($set !== null && $couple !== null && $couple->id !== $set->union_id && $standing->mayLead() && $this->parents->hasRoom($set)) {
            $alone = Union::query()->findOrFail($set->union_id);
            $set->fill(['union_id' => $couple->id])->save();
            Parentage::query()->create(['parent_set_id' => $set->id, 'person_id' => $parent->id, 'kind' => $kind->value]);
            $this->tidyAlone($alone);

            return $couple;
        }

        return $this->addParent($child, $parent, $kind, $standing);
    }

    /** Begins a set of its own for a parent, and brings the parents by birth who lead together in one. */
    private function addAlone(Person $child, Person $parent, ParentageKind $kind, Standing $standing): Union
    {
        $union = $standing->mayLead() ? $this->unionAlone($parent) ?? $this->addPartnerUnknown($parent) : $this->addPartnerUnknown($parent);
        $set = ParentSet::query()->where('child_id', $child->id)->where('union_id', $union->id)->first() ?? $this->beginSet($child, $union, $kind, $standing);
        Parentage::query()->create(['parent_set_id' => $set->id, 'person_id' => $parent->id, 'kind' => $kind->value, 'standing' => $standing->value]);

        return $this->gather($child) ?? $union;
    }

    private function beginSet(Person $child, Union $union, ParentageKind $kind, Standing $standing = Standing::Unweighed): ParentSet
    {
        $sets = ParentSet::query()->where('child_id', $child->id)->get();
        $leads = $standing->mayLead() && ! $this->parents->sets($child, null)->contains('leads', true);
        foreach ($leads ? $sets->where('leads', true) : [] as $before) {
            $before->fill(['leads' => false])->save();
        }

        return ParentSet::query()->create(['child_id' => $child->id, 'union_id' => $union->id, 'kind' => $kind->value,
            'leads' => $leads || $sets->isEmpty(), 'position' => 1 + (int) $sets->max('position')]);
    }

    /**
     * Two parents by birth who lead stand in one set, whatever sets they came by; who was ruled out, and rivals, stay in
     * theirs.
     *
     * @return Union|null the couple; null where nothing had to be brought together
     */
    public function gather(Person $child): ?Union
    {
        $leading = $this->parents->leadingByBirth($child);
        if ($leading->count() !== 2 || $leading->pluck('parent_set_id')->unique()->count() === 1) {
            return null;
        }
        [$first, $last] = [$leading->firstOrFail(), $leading->last() ?? $leading->firstOrFail()];
        $couple = $this->parents->coupleOf($first->person_id, $last->person_id) ?? $this->addPartner(self::person($first->person_id), self::person($last->person_id));
        $set = ParentSet::query()->where('child_id', $child->id)->where('union_id', $couple->id)->first() ?? $this->beginSet($child, $couple, ParentageKind::Birth);
        $left = $leading->pluck('parent_set_id')->unique()->reject(static fn (string $id): bool => $id === $set->id);
        foreach ($leading as $parentage) {
            $parentage->fill(['parent_set_id' => $set->id])->save();
        }
        foreach (ParentSet::query()->whereIn('id', $left)->get() as $before) {
            $before->leads && $before->fill(['leads' => false])->save();
            if (Parentage::query()->where('parent_set_id', $before->id)->doesntExist()) {
                $alone = Union::query()->findOrFail($before->union_id);
                $before->deleteWhole();
                $this->tidyAlone($alone);
            }
        }
        foreach (ParentSet::query()->where('child_id', $child->id)->where('leads', true)->where('id', '<>', $set->id)->get() as $before) {
            $before->fill(['leads' => false])->save();
        }
        $set->refresh()->leads || $set->fill(['leads' => true])->save();

        return $couple;
    }

    /** A union of somebody with a partner who is not known. */
    private function unionAlone(Person $person): ?Union
    {
        return Union::query()->whereIn('id', UnionPartner::counting()->where('person_id', $person->id)->select('union_id'))->orderBy('id')->get()
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
    /**
     * Names the partner of a couple in which one was not known; the couple's children are theirs too.
     *
     * @throws Refusal where the person is no partner of it, or it has two already
     */
    public function namePartner(Person $person, string $unionId, Person $partner): Union
    {
        if ($person->id === $partner->id) {
            throw new Refusal('Nobody is their own partner.');
        }
        $union = Union::query()->findOrFail($unionId);
        if (! UnionPartner::counting()->where('union_id', $union->id)->where('person_id', $person->id)->exists()) {
            throw new Refusal('That is not a couple of theirs.');
        }
        $this->joinUnion($union, $partner);

        return $union;
    }

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
            throw new Refusal('That is not a couple of theirs.');
        }
        if ($unionId === null && $unionIds->count() > 1) {
            throw new Refusal('This person has several partners. Add the child from the line of the couple that it belongs to.');
        }
        $unionId ??= $unionIds->first();
        $isAlone = $unionId === null || UnionPartner::counting()->where('union_id', $unionId)->count() === 1;
        if ($isAlone && $kind === ParentageKind::Birth && $this->parents->leadingByBirth($child)->count() === 1) {
            // The other parent is known: the two are parents of one child.
            $this->addParent($child, $person, $kind);

            return;
        }
        $union = $unionId === null ? $this->addPartnerUnknown($person) : Union::query()->where('id', $unionId)->firstOrFail();
        foreach (UnionPartner::counting()->where('union_id', $union->id)->get() as $parent) {
            $this->refuseLoop($child, Person::query()->findOrFail($parent->person_id));
        }
        $this->addToUnion($child, $union, $kind);
    }

    public function addSibling(Person $person, Person $sibling): void
    {
        $set = $this->parents->sets($person, null)->first();
        $union = $set === null ? Union::query()->create() : Union::query()->findOrFail($set->union_id);
        if ($set === null) {
            $this->addToUnion($person, $union, ParentageKind::Birth);
        } elseif (Parentage::query()->where('parent_set_id', $set->id)->where('standing', 'ruled out')->exists()) {
            // Whoever was ruled out for the one is no parent of the other thereby.
            $stands = Parentage::leading()->where('parent_set_id', $set->id)->orderBy('id')->first();
            $union = $stands === null ? Union::query()->create() : $this->unionAlone(self::person($stands->person_id)) ?? $this->addPartnerUnknown(self::person($stands->person_id));
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
            $next = ParentSet::counting()->where('child_id', $childId)->orderBy('position')->first() ?? ParentSet::query()->where('child_id', $childId)->orderBy('position')->first();
            $next?->fill(['leads' => true])->save();
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

    /** Makes someone a partner of a union that has room, and a parent of those of its children who lack one. */
    private function joinUnion(Union $union, Person $parent): void
    {
        if (UnionPartner::counting()->where('union_id', $union->id)->count() > 1) {
            throw new Refusal('That couple has two partners already.');
        }
        foreach (ParentSet::query()->where('union_id', $union->id)->orderBy('id')->get() as $set) {
            $child = self::person($set->child_id);
            if (! $this->parents->hasRoom($set) || ($set->kind === ParentageKind::Birth->value && $this->parents->leadingByBirth($child)->count() > 1)) {
                continue;
            }
            $this->refuseLoop($child, $parent);
            Parentage::query()->create(['parent_set_id' => $set->id, 'person_id' => $parent->id, 'kind' => $set->kind]);
        }
        $this->partner($union, $parent);
    }

    private function addToUnion(Person $child, Union $union, ParentageKind $kind): void
    {
        if (ParentSet::query()->where('child_id', $child->id)->where('union_id', $union->id)->exists()) {
            throw new Refusal('They are parents and child already.');
        }
        $partners = UnionPartner::counting()->where('union_id', $union->id)->pluck('person_id');
        if ($kind === ParentageKind::Birth && $this->parents->sets($child, $kind)->isNotEmpty()) {
            throw new Refusal('This child has parents by birth already. Say that these are adoptive or foster parents, or unlink the others first.');
        }
        $set = $this->beginSet($child, $union, $kind);
        foreach ($partners as $parentId) {
            Parentage::query()->create(['parent_set_id' => $set->id, 'person_id' => $parentId, 'kind' => $kind->value]);
        }
    }

    private static function person(string $id): Person
    {
        return Person::query()->where('id', $id)->firstOrFail();
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
        if ($child->id === $parent->id || (new AncestorWalk(new DatabaseTree($this->current)))->isAbove($child->id, $parent->id)) {
            throw new Refusal('That would make somebody their own ancestor. Nothing was changed.', 409);
        }
    }
}
