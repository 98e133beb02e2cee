<?php

declare(strict_types=1);

namespace App\Http\Tree\Resources;

use App\Http\Api\ListOf;
use App\Http\Interpretation\Resources\DatingSettingResource;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class TreeResource
{
    /** @param  list<NamingCustomResource>  $surnameCustoms those that there are */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $role,
        #[OA\Property] public int $people,
        #[OA\Property] public string $busyWith,
        #[OA\Property] public ?string $centrePersonId,
        #[OA\Property] public string $centreName,
        /** Whom whoever asks put at the centre for themselves. */
        #[OA\Property] public ?string $ownCentrePersonId,
        #[OA\Property] public string $ownCentreName,
        #[OA\Property] public int $deadYearsAfterBirth,
        #[OA\Property] public int $deadYearsAfterAdultEvent,
        #[OA\Property] public bool $readersSeeLiving,
        #[OA\Property] public DatingSettingResource $reckoning,
        #[OA\Property] public string $surnameCustom,
        #[OA\Property] public string $marriedCustom,
        #[ListOf(NamingCustomResource::class)] public array $surnameCustoms,
    ) {
    }
}
