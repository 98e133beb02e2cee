<?php

declare(strict_types=1);

namespace App\Http\Doubles\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** Of whom doubles are looked for: everybody where nothing is said. */
#[OA\Schema]
final readonly class ScanInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property(description: 'words of a name')] public ?string $name = null,
        #[OA\Property(description: 'words of a place of birth')] public ?string $place = null,
        #[OA\Property(description: 'born in this year or later')] public ?int $from = null,
        #[OA\Property(description: 'born in this year or before')] public ?int $to = null,
        #[OA\Property(description: 'numbers of people: 1-200, 315')] public ?string $numbers = null,
        #[OA\Property(description: 'a group')] public ?string $groupId = null,
        #[OA\Property(description: 'somebody and their descendants')] public ?string $belowId = null,
        #[OA\Property(description: 'somebody and their ancestors')] public ?string $aboveId = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return ['name' => ['nullable', 'string', 'max:200'], 'place' => ['nullable', 'string', 'max:200'],
            'from' => ['nullable', 'integer', 'between:1,3000'], 'to' => ['nullable', 'integer', 'between:1,3000'],
            'numbers' => ['nullable', 'string', 'max:500', 'regex:/^[0-9 ,\-–]*$/u'], 'groupId' => ['nullable', 'uuid'],
            'belowId' => ['nullable', 'uuid'], 'aboveId' => ['nullable', 'uuid']];
    }
}
