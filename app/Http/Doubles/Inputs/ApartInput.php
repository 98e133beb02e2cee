<?php

declare(strict_types=1);

namespace App\Http\Doubles\Inputs;

use App\Http\Api\ListOf;
use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** Whose is what was made since two people were joined. */
#[OA\Schema]
final readonly class ApartInput
{
    use ReadsRequest;

    /**
     * @param  list<string>  $ofKept
     * @param  list<string>  $ofGone
     */
    public function __construct(#[ListOf('string')] public array $ofKept = [], #[ListOf('string')] public array $ofGone = [])
    {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return ['ofKept' => ['nullable', 'array', 'max:2000'], 'ofKept.*' => ['required', 'uuid'],
            'ofGone' => ['nullable', 'array', 'max:2000'], 'ofGone.*' => ['required', 'uuid']];
    }

    /** @return array<string, string> `kept` or `gone`, by id */
    public function answers(): array
    {
        return [...array_fill_keys($this->ofKept, 'kept'), ...array_fill_keys($this->ofGone, 'gone')];
    }
}
