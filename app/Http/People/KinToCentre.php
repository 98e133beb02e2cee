<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Trees\Access\LivingPeople;
use App\Trees\Display\CentralPerson;
use App\Trees\Loading\KinNeighbourhood;
use NorthBough\Core\Kin\Kinship;

/** What anyone is to the person at the centre, one's own or the tree's, in the nearest sense. */
final readonly class KinToCentre
{
    public function __construct(private CentralPerson $centre, private KinNeighbourhood $kin, private LivingPeople $living)
    {
    }

    /** Empty when there is no centre, or the two are not kin. */
    public function termOf(string $personId): string
    {
        $centre = $this->centre->personId();
        if ($centre === null) {
            return '';
        }
        if ($centre === $personId) {
            return 'at the centre';
        }

        $term = Kinship::between($this->kin->of([$centre, $personId]), $centre, $personId)[0]->term ?? '';

        return $term === '' ? '' : "{$term} of ".($this->living->forReader()->lives([$centre])[$centre] ?? null)?->name()->shown();
    }
}
