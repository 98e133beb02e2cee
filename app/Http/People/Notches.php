<?php

declare(strict_types=1);

namespace App\Http\People;

use NorthBough\Core\Claim\ClassifiedClaim;
use NorthBough\Core\Claim\WeightGrade;
use NorthBough\Core\Evidence\OriginGroups;
use NorthBough\Core\Tree\CitedEvidence;
use NorthBough\Core\Tree\Event;

/** How a fact is backed, as the strokes beneath its date tell it. */
final class Notches
{
    /** @return list<string> a weight for each origin, the strongest first; none for no fact */
    public static function of(?Event $event): array
    {
        $claims = array_values(
            array_filter(array_map(static fn (CitedEvidence $claim): ?ClassifiedClaim => $claim->classed, $event->evidence ?? [])));

        return array_map(static fn (WeightGrade $weight): string => $weight->value, OriginGroups::weights($claims));
    }
}
