<?php

declare(strict_types=1);

namespace App\Trees\Editing;

use App\Models\Parentage;
use App\Models\ParentSet;
use App\Models\Union;
use App\Models\UnionPartner;
use App\Refusal;
use Illuminate\Support\Collection;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Standing;

/** Changes ties that are there: what kind they are, which lead, how far they are proved, and in which order they stand. */
final readonly class TieChanges
{
    /**
     * @param  array{kind?: string, kind_words?: string, years?: string, standing?: string, proof?: string}  $values
     * @param  string|null  $personId  one parent of the set; null for both
     */
    public function parentage(ParentSet $set, array $values, ?string $personId = null): void
    {
        if (isset($values['kind'])) {
            $this->refuseSecondBirth($set, $values['kind']);
        }
        $parentages = Parentage::query()->where('parent_set_id', $set->id)->orderBy('id')->get();
        if ($personId !== null && ! $parentages->contains('person_id', $personId)) {
            throw new Refusal('That is no parent of this set.');
        }
        $changed = $parentages->filter(static fn (Parentage $parentage): bool => $personId === null || $parentage->person_id === $personId);
        foreach ($changed as $parentage) {
            $parentage->fill(array_map(trim(...), $values))->save();
        }
        if (isset($values['standing']) && Standing::from($values['standing'])->mayLead()) {
            $this->refuseThird($set, $changed);
        }
        // A set is called by what its parents are; where they differ, by birth before anything else.
        $kinds = $parentages->pluck('kind');
        $set->fill(['kind' => $kinds->contains(ParentageKind::Birth->value) ? ParentageKind::Birth->value : $kinds->first() ?? $values['kind'] ?? $set->kind])->save();
        if ($set->leads && ! Standing::from($values['standing'] ?? 'unweighed')->mayLead()) {
            $other = ParentSet::counting()->where('child_id', $set->child_id)->where('id', '!=', $set->id)->orderBy('position')->first();
            if ($other !== null && Parentage::leading()->where('parent_set_id', $set->id)->doesntExist()) {
                $this->lead($other);
            }
        }
    }

    /**
     * How it stands that somebody was a partner in a union. One who is ruled out stays, with why, and counts nowhere.
     *
     * @throws Refusal when it is to be ruled out and no reason is given, when nobody would be left, or when somebody else has the place
     */
    public function partnerStands(UnionPartner $tie, string $standing, string $why): void
    {
        $others = UnionPartner::counting()->where('union_id', $tie->union_id)->where('id', '<>', $tie->id);
        if ($standing === Standing::RuledOut->value && $why === '') {
            throw new Refusal('Write why it is ruled out, so that nobody finds it again.');
        }
        if ($standing === Standing::RuledOut->value && $others->doesntExist()) {
            throw new Refusal('Nobody would be left in that couple. Unlink it instead.', 409);
        }
        if ($tie->standing === Standing::RuledOut->value && $others->count() > 1) {
            throw new Refusal('Somebody else has that place now. Unlink them first, or rule them out.', 409);
        }
        $slots = (clone $others)->pluck('slot');
        $tie->fill(['standing' => $standing, 'slot' => $slots->contains($tie->slot) && $standing !== Standing::RuledOut->value ? ($tie->slot === 'WIFE' ? 'HUSB' : 'WIFE') : $tie->slot])->save();
    }

    /** Lets a set of parents count in charts and numbers, which is no judgement of truth. */
    public function lead(ParentSet $set): void
    {
        foreach (ParentSet::query()->where('child_id', $set->child_id)->where('leads', true)->get() as $before) {
            $before->fill(['leads' => false])->save();
        }
        $set->refresh()->fill(['leads' => true])->save();
    }

    /**
     * Puts the children of a union in an order of one's own.
     *
     * @param  list<string>  $childIds
     *
     * @throws Refusal when they are not the children of this union
     */
    public function orderChildren(Union $union, array $childIds): void
    {
        $sets = ParentSet::query()->where('union_id', $union->id)->get()->keyBy('child_id');
        if (count($childIds) !== $sets->count() || $sets->keys()->diff($childIds)->isNotEmpty()) {
            throw new Refusal('The children of this couple have changed meanwhile. Look again, then put them in order.', 409);
        }
        // The lines that they have in a file stay where they are; only who stands on which changes.
        $places = $sets->pluck('child_ordinal')->filter(static fn (int $place): bool => $place >= 0)->sort()->values();
        $next = 1 + (int) $places->last();
        foreach ($childIds as $index => $childId) {
            $set = $sets->get($childId);
            $set?->fill(['child_ordinal' => $places[$index] ?? $next++])->save();
        }
        $union->fill(['order_by_hand' => true])->save();
    }

    /** @param  list<string>  $tieIds of one person's unions, in the order of that person's life */
    public function orderUnions(array $tieIds): void
    {
        foreach ($tieIds as $position => $tieId) {
            UnionPartner::query()->where('id', $tieId)->firstOrFail()->fill(['position' => $position])->save();
        }
    }

    private function refuseSecondBirth(ParentSet $set, string $kind): void
    {
        $others = Parentage::leading()->where('kind', ParentageKind::Birth->value)
            ->whereIn('parent_set_id', ParentSet::query()->where('child_id', $set->child_id)->where('id', '!=', $set->id)->select('id'));
        if ($kind === ParentageKind::Birth->value && $others->exists()) {
            throw new Refusal('This child has parents by birth already. Unlink these, or say that they are of another kind, first.', 409);
        }
    }

    /**
     * Somebody who was ruled out or a rival stands again only where there is a place.
     *
     * @param  Collection<int, Parentage>  $changed
     */
    private function refuseThird(ParentSet $set, Collection $changed): void
    {
        $leading = Parentage::leading()->where('kind', ParentageKind::Birth->value)->whereIn('parent_set_id', ParentSet::query()->where('child_id', $set->child_id)->select('id'))->get();
        if ($leading->count() > 2 && $changed->pluck('id')->intersect($leading->pluck('id'))->isNotEmpty()) {
            throw new Refusal('There are two parents by birth already. Rule one of them out, or call this one a rival.', 409);
        }
    }
}
