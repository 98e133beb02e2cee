<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Trees\CurrentTree;
use App\Trees\KinNeighbourhood;
use NorthBough\Core\Kin\Kinship;

/** What anyone is to the person at the centre of the tree, in the nearest sense. */
final readonly class ToCentre
{
    public function __construct(private CurrentTree $current, private KinNeighbourhood $kin)
    {
    }

    /** Empty when there is no centre, or the two are not kin. */
    public function termOf(string $personId): string
    {
        $centre = $this->current->get()->centre_person_id;
        if ($centre === null) {
            return '';
        }
        if ($centre === $personId) {
            return 'at the centre';
        }

        return Kinship::between($this->kin->of([$centre, $personId]), $centre, $personId)[0]->term ?? '';
    }
}
