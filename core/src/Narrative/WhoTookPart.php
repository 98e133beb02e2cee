<?php

declare(strict_types=1);

namespace NorthBough\Core\Narrative;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Tree\Event;
use NorthBough\Core\Tree\Person;

/** Whoever else had a part in what a sentence tells: witnesses, godparents, informants. */
final class WhoTookPart
{
    /** @return list<StyledWords> ", with Kit Osk and Nan Drum as witnesses" */
    public static function words(Event $event, Person $of, LifeKin $kin): array
    {
        $words = [];
        foreach ($kin->rolesAt($event->id) as [$role, $who]) {
            $others = array_values(array_filter($who, static fn (Person|string $one): bool => is_string($one) || $one->id !== $of->id));
            $names = array_map(static fn (Person|string $one): array => [is_string($one) ? StyledWords::plain($one) : Teller::name($one)],
                $others);
            if ($names !== []) {
                $words = [...$words, StyledWords::plain($words === [] ? ', with ' : ' and '), ...Teller::list($names),
                    StyledWords::plain(self::as($role, count($names)))];
            }
        }

        return $words;
    }

    private static function as(string $role, int $count): string
    {
        return match (true) {
            $role === 'other' => ' present',
            $role === 'clergy' => ' officiating',
            $count === 1 => " as {$role}",
            $role === 'witness' => ' as witnesses',
            default => " as {$role}s",
        };
    }
}
