<?php

declare(strict_types=1);

namespace App\Http\Drawings\Inputs;

use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** What the hand did to a drawing that is not saved so far. */
#[OA\Schema]
final readonly class DrawnByHandInput
{
    use ReadsRequest;

    /** @param  array<string, mixed>  $handwork */
    public function __construct(#[OA\Property(type: 'object', ref: HandworkInput::class)] public array $handwork = [])
    {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return HandworkInput::rules();
    }
}
