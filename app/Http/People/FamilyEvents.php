<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Http\People\Resources\SurroundingEvent;
use NorthBough\Core\Chrono\Age;
use NorthBough\Core\Chrono\IsoDay;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Person;
use NorthBough\Core\Tree\Union;

/** What befell parents, partners and children in somebody's lifetime, with the age that they had then. */
final class FamilyEvents
{
    /**
     * @param  array<string, Person>  $people
     * @param  list<Union>  $unions
     * @param  array<string, Union>  $parentUnions
     * @return list<SurroundingEvent> in order of time
     */
    public static function of(Person $person, array $people, array $unions, array $parentUnions): array
    {
        $events = [];
        foreach ($parentUnions as $union) {
            foreach ($union->parentsOf($person->id) as $parentId) {
                $events[] = [$parentId, self::word($people, $parentId, 'Father', 'Mother', 'Parent'), $people[$parentId]->vitals()->end()];
            }
            foreach (array_diff($union->childIds, [$person->id]) as $siblingId) {
                $word = self::word($people, $siblingId, 'Brother', 'Sister', 'Sibling');
                array_push($events, [$siblingId, $word, $people[$siblingId]->vitals()->beginning()],
                    [$siblingId, $word, $people[$siblingId]->vitals()->end()]);
            }
        }
        foreach ($unions as $union) {
            foreach ($union->partnersOf($person->id) as $partnerId) {
                $events[] = [$partnerId, self::word($people, $partnerId, 'Husband', 'Wife', 'Partner'), $people[$partnerId]->vitals()
                    ->end()];
            }
            foreach ($union->childrenOf($person->id) as $childId) {
                $word = self::word($people, $childId, 'Son', 'Daughter', 'Child');
                array_push($events, [$childId, $word, $people[$childId]->vitals()->beginning()],
                    [$childId, $word, $people[$childId]->vitals()->end()]);
            }
        }
        $folded = [];
        foreach ($events as [$whose, $word, $event]) {
            $resource = $event === null ? null : self::folded($person, $people[$whose], $word, $event);
            $folded = $resource === null ? $folded : [...$folded, $resource];
        }
        usort($folded, static fn (SurroundingEvent $a, SurroundingEvent $b): int => $a->earliest <=> $b->earliest);

        return $folded;
    }

    /** Null for what cannot have been in the person's lifetime, or has no time. */
    private static function folded(Person $person, Person $whose, string $word, Event $event): ?SurroundingEvent
    {
        $then = $event->date->span();
        $birth = $person->vitals()->beginning()?->date->span();
        $death = $person->vitals()->end()?->date->span();
        if ($then?->earliest === null || ($birth?->earliest !== null && $then->latest !== null && $then->latest < $birth->earliest)
            || ($death?->latest !== null && $then->earliest > $death->latest)) {
            return null;
        }
        $did = $event->participle();

        return new SurroundingEvent($event->id, $whose->id, "{$word} {$whose->name()->given} {$did}",
            $birth === null ? '' : Age::at($birth, $then)?->shown() ?? '',
            $event->date->shown, IsoDay::of($then->earliest), $event->place);
    }

    /** @param  array<string, Person>  $people */
    private static function word(array $people, string $id, string $male, string $female, string $neutral): string
    {
        return match ($people[$id]->sex) {
            Sex::Male => $male,
            Sex::Female => $female,
            default => $neutral,
        };
    }
}
