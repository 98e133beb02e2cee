<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** Lines that the model does not hold, written from level 0, in their place under their owner; without an owner, a whole record. */
final readonly class KeptRow implements Row
{
    public function __construct(
        public string $id,
        public ?FactRef $owner,
        public string $pointer,
        public string $path,
        public int $ordinal,
        public string $lines,
    ) {
    }
}
