<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Research;

/** Something to do. */
final readonly class ListedTask
{
    /** @param  string  $about  whom or what it is about; empty for nobody */
    public function __construct(public string $text, public string $about, public bool $isDone)
    {
    }
}
