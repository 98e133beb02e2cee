<?php

declare(strict_types=1);

namespace NorthBough\Core\Evidence\Conflict\Rule;

use NorthBough\Core\Compare\GazetteerPlaces;
use NorthBough\Core\Compare\Sexes;
use NorthBough\Core\Compare\Verdict;
use NorthBough\Core\Evidence\Conflict\Conflict;
use NorthBough\Core\Evidence\Conflict\ConflictRule;
use NorthBough\Core\Evidence\Conflict\ConflictSubject;

/** What is told of somebody's sex against what the tree has. Unknown contradicts nothing. */
final class OneSex implements ConflictRule
{
    public function find(ConflictSubject $subject, GazetteerPlaces $places): array
    {
        $ids = [];
        $ground = '';
        foreach ($subject->toldSex as $claim => $claimed) {
            $comparison = Sexes::compare($claimed, $subject->person->sex);
            if ($comparison->verdict === Verdict::Contradicts) {
                $ids[] = (string) $claim;
                $ground = $comparison->ground;
            }
        }

        return $ids === [] ? [] : [new Conflict('sex', Verdict::Contradicts, $ids, $ground, 1.0)];
    }
}
