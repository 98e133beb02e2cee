<?php

declare(strict_types=1);

namespace NorthBough\Core\Linkage;

/** Who is who on a record, all lines together. */
final readonly class LinedUp
{
    /**
     * @param  array<string, string>  $placed  person by line; a line that is nobody of the tree is missing
     * @param  array<string, list<Offer>>  $offers  by line, the likeliest first
     * @param  array<string, float>  $newOdds  by line, of being nobody of the tree
     */
    public function __construct(public array $placed, public array $offers, public array $newOdds)
    {
    }
}
