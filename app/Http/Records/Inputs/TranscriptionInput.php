<?php

declare(strict_types=1);

namespace App\Http\Records\Inputs;

use App\Http\Api\ListOf;
use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** Lines as they are typed, in their order. */
#[OA\Schema]
final readonly class TranscriptionInput
{
    use ReadsRequest;

    /**
     * @param  list<array<string, mixed>>  $lines
     * @param  int  $from  how many of the first are read already, and are there for what stands below them
     */
    public function __construct(
        #[ListOf(RollLineInput::class)] public array $lines,
        #[OA\Property] public int $from = 0,
    ) {
    }

    /** @return array<string, list<string>> */
    public static function rules(): array
    {
        return [...RollLineInput::rules(needed: true), 'from' => ['nullable', 'integer', 'min:0', 'max:1']];
    }
}
