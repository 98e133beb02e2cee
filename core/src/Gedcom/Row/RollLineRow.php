<?php

declare(strict_types=1);

namespace NorthBough\Core\Gedcom\Row;

use NorthBough\Core\Stored\Field;

/** A line of a roll, as written. */
final readonly class RollLineRow implements Row
{
    /**
     * @param  array<string, string>  $columns  by code
     * @param  array{image: string, page: int, left: float, top: float, width: float, height: float}|null  $slip  on a RecordImageRow
     */
    public function __construct(
        #[Field(isSafe: true)] public string $id,
        #[Field(isSafe: true)] public string $recordId,
        public int $position,
        #[Field(isSafe: true)] public string $role,
        #[Field(column: 'name_typed')] public string $name,
        public array $columns,
        #[Field(isSafe: true)] public ?array $slip,
        public ?int $dayLo,
        public ?int $dayHi,
    ) {
    }
}
