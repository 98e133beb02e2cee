<?php

declare(strict_types=1);

namespace App\Http\Reports\Inputs;

use App\Http\Api\ListOf;
use App\Http\Api\MapOf;
use App\Http\Api\ReadsRequest;
use App\Printing\PrintedReport;
use Illuminate\Validation\Rule;
use NorthBough\Core\Drawing\Render\Paper;
use OpenApi\Attributes as OA;

/** A report that is to be made into a file in the background. */
#[OA\Schema]
final readonly class ReportFileInput
{
    use ReadsRequest;

    /**
     * @param  array<string, string>  $options  of the report
     * @param  bool  $keep  everybody living in full, which only the owner may ask for and the journal tells
     * @param  list<string>  $kept  who of the living is told in full, by id
     */
    public function __construct(
        #[OA\Property(enum: ['html', 'pdf', 'docx', 'odt', 'csv'])] public string $format,
        #[MapOf] public array $options = [],
        #[OA\Property] public bool $keep = false,
        #[ListOf('string')] public array $kept = [],
        #[OA\Property(enum: ['A4', 'Letter'])] public string $paper = 'A4',
    ) {
    }

    /** @return array<string, list<mixed>> */
    public static function rules(): array
    {
        return [
            'format' => ['required', Rule::in(PrintedReport::FORMATS)],
            'options' => ['nullable', 'array', 'max:40'],
            'options.*' => ['string', 'max:200'],
            'keep' => ['nullable', 'boolean'],
            'kept' => ['nullable', 'array', 'max:20000'],
            'kept.*' => ['uuid'],
            'paper' => ['nullable', Rule::enum(Paper::class)],
        ];
    }
}
