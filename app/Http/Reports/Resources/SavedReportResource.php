<?php

declare(strict_types=1);

namespace App\Http\Reports\Resources;

use App\Http\Api\MapOf;
use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

/** A report that was saved by a name. */
#[OA\Schema]
final readonly class SavedReportResource
{
    /**
     * @param  string  $subject  what it is about, as its address has it
     * @param  array<string, string>  $options
     */
    public function __construct(
        #[OA\Property] public string $id,
        #[OA\Property] public int $version,
        #[Shielded] #[OA\Property] public string $name,
        #[OA\Property] public string $kind,
        #[OA\Property] public string $subject,
        #[MapOf] public array $options,
    ) {
    }
}
