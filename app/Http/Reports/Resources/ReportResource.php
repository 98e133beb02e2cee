<?php

declare(strict_types=1);

namespace App\Http\Reports\Resources;

use App\Http\Api\ListOf;
use App\Http\Api\Shielded;
use App\Http\People\Resources\NamedPerson;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ReportResource
{
    /**
     * @param  list<string>  $formats  in which it can be saved
     * @param  int  $left  how many parts follow that are not shown
     * @param  list<NamedPerson>  $living  whom it names and who counts as living; a file says less of them
     */
    public function __construct(
        #[Shielded] #[OA\Property] public string $title,
        #[Shielded] #[OA\Property] public string $html,
        #[ListOf('string')] public array $formats,
        #[OA\Property] public int $left,
        #[ListOf(NamedPerson::class)] public array $living,
    ) {
    }
}
