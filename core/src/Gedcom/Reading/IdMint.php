<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Reading;

/** Makes the ids of rows that are read. */
interface IdMint
{
    public function next(): string;
}
