<?php

declare(strict_types=1);

namespace App\Http\Books\Inputs;

use App\Http\Api\MapOf;
use OpenApi\Attributes as OA;

/** A chapter of a book. */
#[OA\Schema]
final readonly class ChapterInput
{
    /**
     * @param  string  $title  empty where it is called as what it is made of
     * @param  string  $report  the kind of report; empty for a text or a drawing
     * @param  string  $subject  what the report is about; the id of a text or a saved drawing
     * @param  array<string, string>  $options  of the report
     */
    public function __construct(
        #[OA\Property(enum: ['report', 'text', 'drawing'])] public string $kind,
        #[OA\Property] public string $title,
        #[OA\Property] public string $report,
        #[OA\Property] public string $subject,
        #[MapOf] public array $options = [],
    ) {
    }
}
