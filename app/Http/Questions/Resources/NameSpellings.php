<?php

declare(strict_types=1);

namespace App\Http\Questions\Resources;

use App\Http\Api\ListOf;
use App\Http\People\Resources\NamedPerson;
use OpenApi\Attributes as OA;

/** The forms that can stand for a name, and who of the tree bears one of them. */
#[OA\Schema]
final readonly class NameSpellings
{
    /**
     * @param  list<string>  $variants
     * @param  list<NamedPerson>  $usedBy
     */
    public function __construct(
        #[OA\Property] public string $name,
        #[ListOf('string')] public array $variants,
        #[ListOf(NamedPerson::class)] public array $usedBy,
        #[OA\Property(description: 'how many bear one, of whom a few are named')] public int $of,
    ) {
    }
}
