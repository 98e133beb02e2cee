<?php

declare(strict_types=1);

namespace App\Http\Journal\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** One value that is put back as it was. */
#[OA\Schema]
final readonly class RestoreInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $field,
        #[OA\Property] public int $version,
        #[OA\Property] public ?string $why = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return ['field' => ['required', 'string', 'max:40'], 'version' => ['required', 'integer'],
            'why' => ['nullable', 'string', 'max:5000']];
    }
}
