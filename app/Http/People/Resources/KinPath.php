<?php

declare(strict_types=1);

namespace App\Http\People\Resources;

use App\Http\Api\ListOf;
use OpenApi\Attributes as OA;

/** The people along one line by which two are related, from the one to the other. */
#[OA\Schema]
final readonly class KinPath
{
    /** @param  list<NamedPerson>  $people */
    public function __construct(#[ListOf(NamedPerson::class)] public array $people)
    {
    }
}
