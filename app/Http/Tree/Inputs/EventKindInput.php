<?php

declare(strict_types=1);

namespace App\Http\Tree\Inputs;

use App\Http\Api\ListOf;
use App\Http\Api\ReadsRequest;
use Illuminate\Validation\Rule;
use NorthBough\Core\Tree\EventTrait;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class EventKindInput
{
    use ReadsRequest;

    /**
     * @param  list<string>  $traits  what it says of a life
     * @param  string  $sentence  how it tells itself; empty as any kind does
     */
    public function __construct(
        #[OA\Property] public string $word,
        #[OA\Property] public bool $ofPerson = true,
        #[OA\Property] public bool $ofUnion = false,
        #[OA\Property] public bool $hasValue = false,
        #[OA\Property] public bool $single = false,
        #[ListOf('string')] public array $traits = [],
        #[OA\Property] public ?string $sentence = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'word' => ['required', 'string', 'max:60'],
            'ofPerson' => ['boolean'],
            'ofUnion' => ['boolean'],
            'hasValue' => ['boolean'],
            'single' => ['boolean'],
            'traits' => ['array'],
            'traits.*' => [Rule::enum(EventTrait::class)],
            'sentence' => ['nullable', 'string', 'max:400'],
        ];
    }
}
