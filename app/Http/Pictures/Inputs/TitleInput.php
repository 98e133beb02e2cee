<?php

declare(strict_types=1);

namespace App\Http\Pictures\Inputs;

use App\Http\Api\ReadsRequest;
use App\Http\People\Inputs\KnownRestriction;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class TitleInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public int $version,
        #[OA\Property] public ?string $title = null,
        #[OA\Property(description: 'confidential, privacy, locked; empty for none')] public ?string $restriction = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'title' => ['nullable', 'string', 'max:500'],
            'restriction' => ['nullable', 'string', 'max:40', new KnownRestriction],
            'version' => ['required', 'integer'],
        ];
    }
}
