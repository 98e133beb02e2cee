<?php

declare(strict_types=1);

namespace App\Http\Records\Inputs;

use App\Http\Api\ListOf;
use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** Several people of the tree at once. */
#[OA\Schema]
final readonly class PeopleInput
{
    use ReadsRequest;

    /** @param  list<string>  $people  ids */
    public function __construct(
        #[ListOf('string')] public array $people,
        #[OA\Property] public ?int $version = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'people' => ['required', 'array', 'min:1', 'max:200'],
            'people.*' => ['required', 'uuid'],
            'version' => ['nullable', 'integer'],
        ];
    }
}
