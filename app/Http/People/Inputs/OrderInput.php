<?php

declare(strict_types=1);

namespace App\Http\People\Inputs;

use App\Http\Api\ListOf;
use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class OrderInput
{
    use ReadsRequest;

    /** @param  list<string>  $ids in the order that is wanted */
    public function __construct(
        #[ListOf('string')] public array $ids,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'ids' => ['required', 'array', 'max:200'],
            'ids.*' => ['uuid'],
        ];
    }
}
