<?php

declare(strict_types=1);

namespace App\Http\People\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class MoveInput
{
    use ReadsRequest;

    /** @param  string  $to  id of the union, or of the person, that the tie is moved to */
    public function __construct(
        #[OA\Property] public string $to,
        #[OA\Property] public ?string $why = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'to' => ['required', 'uuid'],
            'why' => ['nullable', 'string', 'max:2000'],
        ];
    }
}
