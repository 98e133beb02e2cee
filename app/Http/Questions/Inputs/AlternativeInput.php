<?php

declare(strict_types=1);

namespace App\Http\Questions\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** Somebody else whom it may be, or in words where it is nobody of the tree. */
#[OA\Schema]
final readonly class AlternativeInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public ?string $personId = null,
        #[OA\Property] public ?string $title = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return ['personId' => ['nullable', 'uuid'], 'title' => ['nullable', 'string', 'max:500']];
    }
}
