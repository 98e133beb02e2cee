<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\People\Resources\SurnameOfferResource;
use App\Trees\Scope\CurrentTree;
use NorthBough\Core\Entry\SurnameOffer;
use NorthBough\Core\Naming\Custom\NamingCustoms;
use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Union;

/** The surnames that new relatives of a person might have: by the custom of the union that they are put into, else that of the tree. */
final readonly class SurnameOffers
{
    private const CHILDREN = ['child', 'son', 'daughter'];

    public function __construct(private CurrentTree $current)
    {
    }

    /**
     * @param  list<Union>  $unions
     * @param  list<ParentSet>  $sets
     * @param  array<string, Union>  $parentUnions
     * @param  array<string, Person>  $people
     * @return list<SurnameOfferResource>
     */
    public function of(Person $person, array $unions, array $sets, array $parentUnions, array $people): array
    {
        $ofTree = $this->current->get()->surname_custom;
        $parents = array_values(array_intersect_key($people, array_flip(array_column(($sets[0] ?? null)?->whoStand() ?? [], 'personId'))));
        $offers = [];
        $born = NamingCustoms::named(($parentUnions[$sets[0]->unionId ?? '']->surnameCustom ?? '') ?: $ofTree);
        foreach (['father', 'mother', 'partner', 'sibling', 'brother', 'sister'] as $relation) {
            $offers[] = new SurnameOfferResource($relation, null, SurnameOffer::forRelative($relation, $person, [], $parents, $born));
        }
        foreach ([null, ...$unions] as $union) {
            $partners = $union === null ? self::partners($unions, $person->id, $people) : self::partners([$union], $person->id, $people);
            $custom = NamingCustoms::named(($union->surnameCustom ?? '') ?: $ofTree);
            foreach (self::CHILDREN as $relation) {
                $offers[] = new SurnameOfferResource($relation, $union?->id,
                    SurnameOffer::forRelative($relation, $person, $partners, [], $custom));
            }
        }

        return $offers;
    }

    /**
     * @param  list<Union>  $unions
     * @param  array<string, Person>  $people
     * @return list<Person>
     */
    private static function partners(array $unions, string $id, array $people): array
    {
        $partners = [];
        foreach ($unions as $union) {
            foreach ($union->partnersOf($id) as $partnerId) {
                $partners[] = $people[$partnerId];
            }
        }

        return $partners;
    }
}
