<?php

declare(strict_types=1);

namespace App\Http\Records\Resources;

use App\Http\Api\ListOf;
use NorthBough\Core\Record\RollLine;
use OpenApi\Attributes as OA;

/** Lines of a roll, read. */
#[OA\Schema]
final readonly class TranscribedLines
{
    /** @param  list<TranscribedLine>  $lines  in the order in which they were sent */
    public function __construct(#[ListOf(TranscribedLine::class)] public array $lines)
    {
    }

    /** @param  list<RollLine>  $lines */
    public static function of(array $lines): self
    {
        return new self(
            array_map(static fn (RollLine $line): TranscribedLine => new TranscribedLine($line->id, $line->name, (object) $line->columns),
                $lines));
    }
}
