<?php

declare(strict_types=1);

namespace App\Http\People;

use App\Trees\Access\LivingPeople;
use App\Trees\Display\CentralPerson;
use App\Trees\Loading\KinNeighbourhood;
use NorthBough\Core\Kin\Kinship;

/** What anyone is to the person at the centre, one's own or the tree's, or to anybody else, in the nearest sense. */
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

        $term = $this->termsOf([$personId], $centre)[$personId];

        return $term === '' ? '' : "{$term} of ".($this->living->forReader()->lives([$centre])[$centre] ?? null)?->name()->shown();
    }

    /**
     * @param  list<string>  $personIds
     * @return array<string, string> what each is to somebody in the nearest sense, by person; empty where they are no kin
     */
    public function termsOf(array $personIds, string $toId): array
    {
        $kin = $this->kin->of([$toId, ...$personIds]);
        $terms = [];
        foreach ($personIds as $id) {
            $terms[$id] = $id === $toId ? '' : Kinship::between($kin, $toId, $id)[0]->term ?? '';
        }

        return $terms;
    }
}
