<?php

declare(strict_types=1);

namespace App\Http\Questions\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** How somebody classes a claim; what is left out stays. A weight that overrules the rule needs words. */
#[OA\Schema]
final readonly class ClassInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public int $version,
        #[OA\Property] public ?string $sourceClass = null,
        #[OA\Property] public ?string $information = null,
        #[OA\Property] public ?string $reading = null,
        #[OA\Property] public ?string $informant = null,
        #[OA\Property] public ?string $informantTie = null,
        #[OA\Property] public ?string $evidence = null,
        #[OA\Property(description: 'what it comes from; claims that say the same are one origin')] public ?string $origin = null,
        #[OA\Property(description: 'the claim that it was copied from; empty for none')] public ?string $derivedFromId = null,
        #[OA\Property] public ?string $weight = null,
        #[OA\Property] public ?string $why = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'sourceClass' => ['nullable', 'in:unstated,original,derivative,authored'],
            'information' => ['nullable', 'in:unstated,primary,secondary,undetermined'],
            'reading' => ['nullable', 'in:sure,doubtful'],
            'informant' => ['nullable', 'string', 'max:500'],
            'informantTie' => ['nullable', 'string', 'max:500'],
            'evidence' => ['nullable', 'in:unstated,direct,indirect,negative'],
            'origin' => ['nullable', 'string', 'max:500'],
            // Emptied, it leans on none.
            'derivedFromId' => ['nullable', 'string', 'uuid'],
            'weight' => ['nullable', 'in:rule,strong,fair,slight'],
            'why' => ['nullable', 'string', 'max:5000', 'required_if:weight,strong,fair,slight'],
        ];
    }
}
