<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;

/** Lines that the model does not hold, written from level 0, in their place under their owner; without an owner, a whole record. */
final readonly class KeptRow implements Row
{
    /** Everything that lines can be kept beneath. */
    public const OWNERS = ['person', 'name', 'event', 'union', 'union_partner', 'parent_set', 'source', 'repository', 'claim', 'note'];

    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(owners: self::OWNERS)]
        public ?FactRef $owner,
        #[Field(isSafe: true)] public string $pointer,
        #[Field(isSafe: true)] public string $path,
        public int $ordinal,
        #[Field(holdsLines: true)] public string $lines,
    ) {
    }
}
