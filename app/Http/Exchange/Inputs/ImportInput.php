<?php

declare(strict_types=1);

namespace App\Http\Exchange\Inputs;

use App\Http\Api\ListOf;
use App\Http\Api\ReadsRequest;
use Illuminate\Validation\Rule;
use NorthBough\Core\Gedcom\In\Encoding\Encoding;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ImportInput
{
    use ReadsRequest;

    /** @param  list<array{pointer: string, personId: string}>  $take */
    public function __construct(
        #[OA\Property] public ?string $uploadId = null,
        #[OA\Property(description: 'the look at it, where it was looked at first')] public ?string $lookId = null,
        #[OA\Property] public bool $again = false,
        #[OA\Property(enum: ['add', 'new', 'replace'])] public string $mode = 'add',
        #[OA\Property] public string $treeName = '',
        #[OA\Property(description: 'how its letters are read; empty for what the file says')] public string $encoding = '',
        #[OA\Property(description: 'pointer of the person in the file whose kin come in; empty for everybody')] public string $start = '',
        #[OA\Property(description: 'how many generations up and down from there')] public int $generations = 0,
        #[OA\Property(description: 'a copy of the tree as it is now is kept')] public bool $copyFirst = false,
        #[ListOf(TakenInput::class)] public array $take = [],
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'uploadId' => ['nullable', 'required_without:lookId', 'uuid'],
            'lookId' => ['nullable', 'uuid'],
            'again' => ['boolean'],
            'mode' => ['nullable', 'in:add,new,replace'],
            'treeName' => ['nullable', 'string', 'max:200'],
            'encoding' => ['nullable', Rule::in(['', ...Encoding::names()])],
            'start' => ['nullable', 'string', 'max:200'],
            'copyFirst' => ['nullable', 'boolean'],
            'take' => ['nullable', 'array', 'max:500'],
            'take.*.pointer' => ['required', 'string', 'max:200'],
            'take.*.personId' => ['required', 'uuid'],
            'generations' => ['nullable', 'integer', 'min:0', 'max:99'],
        ];
    }
}
