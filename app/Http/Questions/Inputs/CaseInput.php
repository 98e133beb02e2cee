<?php

declare(strict_types=1);

namespace App\Http\Questions\Inputs;

use App\Http\Api\ListOf;
use App\Http\Api\ReadsRequest;
use App\Trees\Casework\Cases;
use OpenApi\Attributes as OA;

/** A case that is begun: what is asked, of whom or of which line, and who it may be. */
#[OA\Schema]
final readonly class CaseInput
{
    use ReadsRequest;

    /** @param  list<string>  $people */
    public function __construct(
        #[OA\Property(enum: Cases::ASPECTS)] public string $aspect,
        #[ListOf('string')] public array $people,
        #[OA\Property(description: 'the child, or the first of two people')] public ?string $personId = null,
        #[OA\Property] public ?string $lineId = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'aspect' => ['required', 'in:'.implode(',', Cases::ASPECTS)],
            'people' => ['required', 'array', 'min:1', 'max:8'],
            'people.*' => ['required', 'uuid'],
            'personId' => ['nullable', 'uuid'],
            'lineId' => ['nullable', 'uuid'],
        ];
    }
}
