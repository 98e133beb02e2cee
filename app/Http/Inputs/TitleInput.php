<?php

declare(strict_types=1);

namespace App\Http\Inputs;

use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class TitleInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public int $version,
        #[OA\Property] public string $title = '',
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'title' => ['present', 'nullable', 'string', 'max:500'],
            'version' => ['required', 'integer'],
        ];
    }
}
