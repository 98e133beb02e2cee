<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Conflict\Rule;

use NorthBough\Core\Compare\GazetteerPlaces;
use NorthBough\Core\Compare\Verdict;
use NorthBough\Core\Evidence\Conflict\Conflict;
use NorthBough\Core\Evidence\Conflict\ConflictRule;
use NorthBough\Core\Evidence\Conflict\ConflictSubject;
use NorthBough\Core\Evidence\Conflict\UndecidedConflict;
use NorthBough\Core\Sex;
use NorthBough\Core\Tree\Parentage;
use NorthBough\Core\Tree\ParentageKind;
use NorthBough\Core\Tree\Standing;

/**
 * One mother and one father by birth. Adoptive, foster and recognised parents stand beside them, and so does a certificate
 * that was made anew.
 */
final class OneMotherOneFather implements ConflictRule
{
    private const ASPECTS = ['mother' => Sex::Female, 'father' => Sex::Male];

    public function find(ConflictSubject $subject, GazetteerPlaces $places): array
    {
        $byBirth = [];
        foreach ($subject->parentSets as $set) {
            foreach ($set->parents as $tie) {
                if ($tie->kind === ParentageKind::Birth) {
                    $byBirth[] = $tie;
                }
            }
        }
        $found = [];
        foreach (self::ASPECTS as $aspect => $sex) {
            $claimed = array_values(
                array_filter($byBirth, static fn (Parentage $tie): bool => ($subject->sexOf[$tie->personId] ?? Sex::Unknown) === $sex));
            $ids = self::disagreeing($claimed);
            if ($ids !== []) {
                $found[] = new Conflict($aspect, Verdict::Contradicts, $ids, count($ids)." are told to be the {$aspect} by birth.", 1.0);
            }
        }

        return $found;
    }

    /**
     * @param  list<Parentage>  $claimed
     * @return list<string> the people of whom not more than one can be it
     */
    private static function disagreeing(array $claimed): array
    {
        $ids = [];
        $standings = array_map(static fn (Parentage $tie): Standing => $tie->standing, $claimed);
        foreach ($claimed as $at => $claimedTie) {
            foreach (array_slice($claimed, $at + 1) as $rival) {
                if ($claimedTie->personId !== $rival->personId
                    && UndecidedConflict::between($claimedTie->standing, $rival->standing, $standings)) {
                    $ids += [$claimedTie->personId => true, $rival->personId => true];
                }
            }
        }

        return array_keys($ids);
    }
}
