<?php

declare(strict_types=1);

namespace App\Trees\Editing;

use App\Models\Parentage;
use App\Models\ParentSet;
use App\Models\Person;
use App\Models\Union;
use App\Models\UnionPartner;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use NorthBough\Core\Tree\ParentageKind;

/** Which places among the parents of somebody are taken: which set leads, which count, and where there is room. */
final readonly class ParentSlots
{
    /** @return Collection<int, string> ids of all sets of a child */
    public function setsOf(Person $child): Collection
    {
        return ParentSet::query()->where('child_id', $child->id)->orderBy('id')->pluck('id');
    }

    /** @return Collection<int, Parentage> the parents by birth who count where one answer is needed */
    public function leadingByBirth(Person $child): Collection
    {
        return Parentage::leading()->where('kind', ParentageKind::Birth->value)->whereIn('parent_set_id', $this->setsOf($child))->orderBy('id')->get();
    }

    /**
     * The sets that count, the one that leads first: neither those of which everybody was ruled out, nor those of rivals.
     *
     * @return Collection<int, ParentSet>
     */
    public function sets(Person $child, ?ParentageKind $kind): Collection
    {
        return ParentSet::counting()->where('child_id', $child->id)->when($kind !== null, static fn (Builder $sets) => $sets->where('kind', $kind?->value))
            ->orderByDesc('leads')->orderBy('position')->orderBy('id')->get()
            ->filter(static fn (ParentSet $set): bool => Parentage::query()->where('parent_set_id', $set->id)->doesntExist() || Parentage::leading()->where('parent_set_id', $set->id)->exists())->values();
    }

    /** Whether one parent more can stand in a set: one leads at most, and nobody else was told there. */
    public function hasRoom(ParentSet $set): bool
    {
        return Parentage::query()->where('parent_set_id', $set->id)->count() < 2 && Parentage::query()->where('parent_set_id', $set->id)->whereNotIn('standing', ['accepted', 'unweighed'])->doesntExist();
    }

    /** The union in which two people are partners, neither of them ruled out. */
    public function coupleOf(string $one, string $other): ?Union
    {
        return Union::query()->whereIn('id', UnionPartner::counting()->where('person_id', $one)->select('union_id'))
            ->whereIn('id', UnionPartner::counting()->where('person_id', $other)->select('union_id'))->orderBy('id')->first();
    }
}
