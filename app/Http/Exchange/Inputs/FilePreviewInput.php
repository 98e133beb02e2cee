<?php

declare(strict_types=1);

namespace App\Http\Exchange\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** Which uploaded file is to be looked at. */
#[OA\Schema]
final readonly class FilePreviewInput
{
    use ReadsRequest;

    public function __construct(#[OA\Property] public string $uploadId)
    {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return ['uploadId' => ['required', 'uuid']];
    }
}
