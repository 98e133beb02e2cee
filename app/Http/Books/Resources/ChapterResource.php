<?php

declare(strict_types=1);

namespace App\Http\Books\Resources;

use App\Http\Api\MapOf;
use NorthBough\Core\Report\Book\Chapter;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class ChapterResource
{
    /** @param  array<string, string>  $options */
    public function __construct(
        #[OA\Property(enum: ['report', 'text', 'drawing'])] public string $kind,
        #[OA\Property] public string $title,
        #[OA\Property] public string $report,
        #[OA\Property] public string $subject,
        #[MapOf] public array $options,
    ) {
    }

    public static function of(Chapter $chapter): self
    {
        return new self($chapter->kind->value, $chapter->title, $chapter->code, $chapter->subject, $chapter->options);
    }
}
