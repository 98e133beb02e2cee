<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** The pointer by which a file called something that we hold. */
final readonly class FileRefRow implements Row
{
    public function __construct(
        public string $id,
        public FactRef $thing,
        public string $pointer,
    ) {
    }
}
