<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\People\Resources\ParentageResource;
use App\Http\People\Resources\ParentSetResource;
use App\Http\People\Resources\RelativeResource;
use App\Http\People\Resources\UnionResource;
use NorthBough\Core\Life\LifeYears;
use NorthBough\Core\Tree\Parentage;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Standing;
use NorthBough\Core\Tree\Union;

/** The kin strip: a line for each parent set, a line for each union. */
final class KinResources
{
    /** What a child is that is none by birth. */
    public const KINDS = ['adoptive' => 'adopted', 'foster' => 'fostered', 'guardian' => 'a ward', 'recognised' => 'recognised',
        'other' => 'of another kind'];

    /**
     * @param  list<ParentSet>  $sets
     * @param  array<string, Union>  $unions
     * @param  array<string, Person>  $people
     * @return list<ParentSetResource>
     */
    public function parentSets(array $sets, array $unions, array $people): array
    {
        return array_map(fn (ParentSet $set): ParentSetResource => new ParentSetResource(
            $set->id, $set->unionId, $set->kind()->value, $set->leads, ($set->parents[0] ?? null)->standing->value ?? 'unweighed',
            ($set->parents[0] ?? null)->proof->value ?? 'unstated',
            $this->relatives(array_column($set->parents, 'personId'), $people),
            $this->relatives(array_values(array_diff($unions[$set->unionId]->childIds, [$set->childId])), $people),
            array_map(static fn (Parentage $parent): ParentageResource => new ParentageResource($parent->id, $parent->personId,
                ($people[$parent->personId] ?? null)?->name()->shown() ?? '?',
                $parent->kind->value, $parent->kindWords, $parent->years, $parent->standing->value, $parent->proof->value), $set->parents),
        ), $sets);
    }

    /**
     * @param  list<Union>  $unions
     * @param  array<string, Person>  $people
     * @param  array<string, list<ParentSet>>  $sets  of the children, by child
     * @return list<UnionResource>
     */
    public function unions(Person $person, array $unions, array $people, array $sets): array
    {
        return array_map(function (Union $union) use ($person, $people, $sets): UnionResource {
            $tie = self::weighed($union, $person->id);
            $isOut = in_array($person->id, $union->ruledOutIds(), true);

            return new UnionResource(
                $union->id, $union->tieIds[$person->id], LifeYears::year($union->marriage()), $union->marriage() === null ? 'with' : 'm.',
                $this->relatives($union->partnersOf($person->id), $people),
                $this->relatives($isOut ? [] : $union->childrenOf($person->id), $people),
                ($union->standings[$tie] ?? Standing::Unweighed)->value, $union->tieIds[$tie] ?? '',
                $this->relatives(array_values(array_diff($union->ruledOutIds(), [$person->id])), $people), $isOut,
                self::childKinds($union, $person->id, $sets),
            );
        }, $unions);
    }

    /**
     * @param  array<string, list<ParentSet>>  $sets
     * @return array<string, string>
     */
    private static function childKinds(Union $union, string $personId, array $sets): array
    {
        $kinds = [];
        foreach ($union->childIds as $childId) {
            foreach (array_filter($sets[$childId] ?? [], static fn (ParentSet $set): bool => $set->unionId === $union->id) as $set) {
                $own = array_values(array_filter($set->parents, static fn (Parentage $parent): bool => $parent->personId === $personId))[0]
                    ?? null;
                $kind = $own->kind ?? $set->kind();
                if ($kind !== ParentageKind::Birth) {
                    $kinds[$childId] = self::KINDS[$kind->value];
                }
            }
        }

        return $kinds;
    }

    /** Of whom it was weighed whether they were a partner: of the one whose page it is, else of the other. */
    private static function weighed(Union $union, string $personId): string
    {
        return isset($union->standings[$personId]) ? $personId : $union->partnersOf($personId)[0] ?? $union->ruledOutIds()[0] ?? $personId;
    }

    /**
     * @param  list<string>  $ids
     * @param  array<string, Person>  $people
     * @return list<RelativeResource>
     */
    private function relatives(array $ids, array $people): array
    {
        return array_map(fn (string $id): RelativeResource => new RelativeResource(
            $id, $people[$id]->number ?? 0, isset($people[$id]) ? $people[$id]->name()->shown() : '?',
            isset($people[$id]) ? explode(' ', $people[$id]->name()->given)[0] ?: $people[$id]->name()->shown() : '?',
            isset($people[$id]) ? LifeYears::shown($people[$id]) : '',
        ), $ids);
    }
}
