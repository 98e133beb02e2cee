<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Research;

/** A question with what was written of its answer, and the claims that bear on it. */
final readonly class ProvedQuestion
{
    /**
     * @param  string  $sentence  the question itself
     * @param  string  $text  paragraphs parted by empty lines; the first is the question
     * @param  list<WeighedClaim>  $claims
     */
    public function __construct(public string $sentence, public string $text, public array $claims)
    {
    }
}
