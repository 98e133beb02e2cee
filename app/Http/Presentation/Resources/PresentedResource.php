<?php

declare(strict_types=1);

namespace App\Http\Presentation\Resources;

use App\Http\Api\ListOf;
use NorthBough\Core\Presentation\Options;
use NorthBough\Core\Presentation\Presented;
use OpenApi\Attributes as OA;

/** A kind of drawing or report: what it is about, and what can be chosen. */
#[OA\Schema]
final readonly class PresentedResource
{
    /** @param  list<OptionResource>  $options */
    public function __construct(
        #[OA\Property] public string $code,
        #[OA\Property] public string $title,
        #[OA\Property(enum: ['person', 'people', 'line', 'couple', 'record', 'question', 'set', 'text', 'book',
            'tree'])] public string $subject,
        #[ListOf(OptionResource::class)] public array $options,
    ) {
    }

    /** @param  class-string<Presented>  $class */
    public static function of(string $class): self
    {
        return new self($class::code(), $class::title(), $class::subject()->value, array_map(OptionResource::of(...), Options::of($class)));
    }
}
