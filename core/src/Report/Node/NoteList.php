<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Node;

/** The numbered notes of a document, in order from 1. */
final readonly class NoteList implements Block
{
    /** @param  list<list<Words>>  $notes */
    public function __construct(public string $title, public array $notes)
    {
    }
}
