<?php

declare(strict_types=1);

namespace App\Http\Questions\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** A conflict that is taken up as a question. */
#[OA\Schema]
final readonly class OpenQuestionInput
{
    use ReadsRequest;

    public function __construct(
        #[OA\Property] public string $personId,
        #[OA\Property] public string $aspect,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return ['personId' => ['required', 'uuid'], 'aspect' => ['required', 'string', 'max:40']];
    }
}
