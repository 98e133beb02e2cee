<?php

declare(strict_types=1);

namespace App\Http\Numbers\Resources;

use App\Http\Api\ListOf;
use App\Http\Api\Shielded;
use OpenApi\Attributes as OA;

/** By what everybody is numbered for whoever asks, and by what they could be. */
#[OA\Schema]
final readonly class NumberingResource
{
    /**
     * @param  list<string>  $personIds whom it begins with, and the partner where only their children together count
     * @param  list<NumberSystemResource>  $systems  those that there are
     */
    public function __construct(
        /** Empty where nothing was chosen. */
        #[OA\Property] public string $system,
        #[ListOf('string')] public array $personIds,
        #[Shielded] #[OA\Property] public string $names,
        #[OA\Property] public bool $adopted,
        #[OA\Property] public bool $step,
        #[OA\Property] public bool $unproved,
        /** In a sentence, with the day on which they are counted. */
        #[Shielded] #[OA\Property] public string $says,
        #[ListOf(NumberSystemResource::class)] public array $systems,
    ) {
    }
}
