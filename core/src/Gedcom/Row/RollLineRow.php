<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

/** A line of a roll, as written. */
final readonly class RollLineRow implements Row
{
    /**
     * @param  array<string, string>  $columns  by code
     * @param  array{image: string, page: int, left: float, top: float, width: float, height: float}|null  $slip  on a RecordImageRow
     */
    public function __construct(
        public string $id,
        public string $recordId,
        public int $position,
        public string $role,
        public string $name,
        public array $columns,
        public ?array $slip,
        public ?int $dayLo,
        public ?int $dayHi,
    ) {
    }
}
