<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Research;

/** Something that does not agree. */
final readonly class ListedFinding
{
    /** @param  bool  $isHard  whether it cannot be, rather than hardly can */
    public function __construct(public string $sentence, public string $about, public string $ground, public bool $isHard)
    {
    }
}
