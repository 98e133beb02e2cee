<?php

declare(strict_types=1);

namespace App\Http\Drawings\Inputs;

use App\Http\Api\ListOf;
use App\Http\Api\MapOf;
use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** A drawing to be kept: what it is called, from whom it is drawn, what was chosen and what the hand did to it. */
#[OA\Schema]
final readonly class SavedDrawingInput
{
    use ReadsRequest;

    /**
     * @param  list<string>  $subjects  people
     * @param  array<string, string>  $options  by name, as words
     * @param  array<string, mixed>  $handwork
     * @param  int|null  $version  which one was read, where it is saved again
     */
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public string $kind,
        #[ListOf('string')] public array $subjects,
        #[MapOf] public array $options = [],
        #[OA\Property(type: 'object', ref: HandworkInput::class)] public array $handwork = [],
        #[OA\Property] public ?int $version = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'name' => ['required', 'string', 'min:1', 'max:200'],
            'kind' => ['required', 'string', 'max:40'],
            'subjects' => ['required', 'array', 'min:1', 'max:50'],
            'subjects.*' => ['uuid'],
            'options' => ['nullable', 'array', 'max:40'],
            'options.*' => ['string', 'max:200'],
            'version' => ['nullable', 'integer'],
        ] + HandworkInput::rules();
    }
}
