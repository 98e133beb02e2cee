<?php

declare(strict_types=1);

namespace App\Http\Questions\Resources;

use App\Models\Claim;
use App\Trees\Storage\DescribedColumns;
use NorthBough\Core\Gedcom\Row\ClaimClassification;
use OpenApi\Attributes as OA;

/** What somebody said of a claim in their own words; each is a field of the value that describes how a claim is classed. */
#[OA\Schema]
final readonly class SaidOfClaim
{
    public function __construct(
        #[OA\Property] public string $informant = '',
        #[OA\Property] public string $informantTie = '',
        #[OA\Property(description: 'what it comes from; claims that say the same are one origin')] public string $origin = '',
    ) {
    }

    public static function of(Claim $claim): self
    {
        return new self(
            ...DescribedColumns::texts(ClaimClassification::class, $claim->getAttributes(), array_keys(get_class_vars(self::class))));
    }
}
