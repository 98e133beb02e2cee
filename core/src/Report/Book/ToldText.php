<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Book;

use NorthBough\Core\Prose\ProseText;
use NorthBough\Core\Tree\CitedEvidence;

/** A text that somebody wrote, with the records that it cites. */
final readonly class ToldText
{
    /** @param  array<string, CitedEvidence>  $cited  by record */
    public function __construct(public string $title, public ProseText $text, public array $cited)
    {
    }
}
