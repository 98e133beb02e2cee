<?php

declare(strict_types=1);

namespace App\Http\Reports\Inputs;

use App\Http\Api\MapOf;
use App\Http\Api\ReadsRequest;
use OpenApi\Attributes as OA;

/** A report to be saved by a name. */
#[OA\Schema]
final readonly class SavedReportInput
{
    use ReadsRequest;

    /**
     * @param  array<string, string>  $options  of the report
     * @param  int|null  $version  which one was read, where it is saved again
     */
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public string $kind,
        #[OA\Property(description: 'what it is about, as its address has it')] public string $subject,
        #[MapOf] public array $options = [],
        #[OA\Property] public ?int $version = null,
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'name' => ['required', 'string', 'min:1', 'max:200'],
            'kind' => ['required', 'string', 'max:40'],
            'subject' => ['required', 'string', 'max:2000'],
            'options' => ['nullable', 'array', 'max:40'],
            'options.*' => ['string', 'max:200'],
            'version' => ['nullable', 'integer'],
        ];
    }
}
