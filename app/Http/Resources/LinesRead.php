<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Http\Api\ListOf;
use NorthBough\Core\Record\RollLine;
use OpenApi\Attributes as OA;

/** Lines of a roll, read. */
#[OA\Schema]
final readonly class LinesRead
{
    /** @param  list<LineRead>  $lines  in the order in which they were sent */
    public function __construct(#[ListOf(LineRead::class)] public array $lines)
    {
    }

    /** @param  list<RollLine>  $lines */
    public static function of(array $lines): self
    {
        return new self(array_map(static fn (RollLine $line): LineRead => new LineRead($line->id, $line->name, (object) $line->columns), $lines));
    }
}
