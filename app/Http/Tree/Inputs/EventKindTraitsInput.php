<?php

declare(strict_types=1);

namespace App\Http\Tree\Inputs;

use App\Http\Api\ListOf;
use App\Http\Api\ReadsRequest;
use Illuminate\Validation\Rule;
use NorthBough\Core\Tree\EventTrait;
use OpenApi\Attributes as OA;

/** What a kind of event of one's own says, beside its word, which the facts of it keep. */
#[OA\Schema]
final readonly class EventKindTraitsInput
{
    use ReadsRequest;

    /**
     * @param  list<string>  $traits  what it says of a life
     * @param  string  $sentence  how it tells itself; empty as any kind does
     */
    public function __construct(
        #[OA\Property] public int $version,
        #[OA\Property] public bool $ofPerson,
        #[OA\Property] public bool $ofUnion,
        #[OA\Property] public bool $single,
        #[ListOf('string')] public array $traits,
        #[OA\Property] public ?string $sentence = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'version' => ['required', 'integer'],
            'ofPerson' => ['required', 'boolean'],
            'ofUnion' => ['required', 'boolean', 'required_without:ofPerson'],
            'single' => ['required', 'boolean'],
            'traits' => ['present', 'array'],
            'traits.*' => [Rule::enum(EventTrait::class)],
            'sentence' => ['nullable', 'string', 'max:400'],
        ];
    }
}
