<?php

declare(strict_types=1);

namespace NorthBough\Core\Join;

use NorthBough\Core\Compare\PersonalNames;
use NorthBough\Core\Compare\Verdict;
use NorthBough\Core\Family\FamilyGraph;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Person;

/** Relatives of two people who are one, who are then likely one themselves, too: offered next, never joined by themselves. */
final readonly class DoubleKin
{
    private function __construct(public string $personId, public string $otherId, public string $relation)
    {
    }

    /**
     * @param  FamilyGraph  $graph  before the two are joined
     * @param  array<string, Person>  $lives  of everybody in the graph
     * @return list<self> parents, partners, then children; the relative of the one who stays first
     */
    public static function of(string $keptId, string $goneId, FamilyGraph $graph, array $lives): array
    {
        return [
            ...self::pairs('parents', array_column($graph->leadingByBirth($keptId), 'personId'),
                array_column($graph->leadingByBirth($goneId), 'personId'), $lives, false),
            ...self::pairs('partners', self::partners($keptId, $graph), self::partners($goneId, $graph), $lives, true),
            ...self::pairs('children', self::children($keptId, $graph), self::children($goneId, $graph), $lives, true),
        ];
    }

    /** @return list<string> */
    private static function partners(string $personId, FamilyGraph $graph): array
    {
        $ids = array_merge(...array_map($graph->partnerIds(...), $graph->couplesOf($personId)));

        return array_values(array_diff(array_unique($ids), [$personId]));
    }

    /** @return list<string> */
    private static function children(string $personId, FamilyGraph $graph): array
    {
        $ids = [];
        foreach ($graph->parentTiesOf($personId) as $tie) {
            $tie->counts() && $ids[] = $graph->set($tie->setId)->childId;
        }

        return array_values(array_unique($ids));
    }

    /**
     * @param  list<string>  $mine
     * @param  list<string>  $theirs
     * @param  array<string, Person>  $lives
     * @param  bool  $byName  only those whose given names agree; a person has one father, whatever he is called
     * @return list<self>
     */
    private static function pairs(string $relation, array $mine, array $theirs, array $lives, bool $byName): array
    {
        $pairs = [];
        $taken = array_intersect($mine, $theirs);
        foreach (array_diff($mine, $taken) as $id) {
            foreach (array_diff($theirs, $taken) as $otherId) {
                if (isset($lives[$id], $lives[$otherId]) && self::canBeOne($lives[$id], $lives[$otherId], $byName)) {
                    $pairs[] = new self($id, $otherId, $relation);
                    $taken[] = $otherId;
                    break;
                }
            }
        }

        return $pairs;
    }

    private static function canBeOne(Person $person, Person $other, bool $byName): bool
    {
        if ($person->sex !== Sex::Unknown && $other->sex !== Sex::Unknown && $person->sex !== $other->sex) {
            return false;
        }
        foreach ($byName ? $person->names : [] as $name) {
            foreach ($other->names as $otherName) {
                if (in_array(PersonalNames::compare($name->name, $otherName->name->withoutSurname())->verdict,
                    [Verdict::Same, Verdict::Fits], true)) {
                    return true;
                }
            }
        }

        return ! $byName;
    }
}
