<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\Shielded;
use NorthBough\Core\Life\LifeYears;
use NorthBough\Core\Tree\Person;
use OpenApi\Attributes as OA;

/** Somebody by name and years. */
#[OA\Schema]
final readonly class NamedPerson
{
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $number,
        #[Shielded] #[OA\Property] public string $name,
        #[OA\Property] public string $life,
    ) {
    }

    public static function of(Person $person): self
    {
        return new self($person->id, $person->number, $person->name()->shown(), LifeYears::shown($person));
    }
}
