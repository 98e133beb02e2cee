<?php

declare(strict_types=1);

namespace App\Http\Presentation\Resources;

use App\Http\Api\ListOf;
use NorthBough\Core\Presentation\DescribedOption;
use OpenApi\Attributes as OA;

#[OA\Schema]
final readonly class OptionResource
{
    /** @param  list<string>  $words */
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property(enum: ['number', 'yes or no', 'choice', 'several'])] public string $type,
        #[OA\Property] public string $label,
        #[OA\Property] public string $says,
        #[OA\Property] public string $usual,
        #[ListOf('string')] public array $words,
    ) {
    }

    public static function of(DescribedOption $option): self
    {
        return new self($option->name, $option->type->value, $option->label, $option->says, $option->usual, $option->words);
    }
}
