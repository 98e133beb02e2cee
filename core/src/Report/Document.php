<?php

declare(strict_types=1);

namespace NorthBough\Core\Report;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Report\Node\Block;
use NorthBough\Core\Report\Node\Table;

/** What a report says, apart from how it is set. */
final readonly class Document
{
    /**
     * @param  list<Block>  $blocks
     * @param  Sheet|null  $rows  for a spreadsheet; null where that is its tables as they stand
     */
    public function __construct(public string $title, public string $footer, public array $blocks, public ?Sheet $rows = null)
    {
    }

    /** @return list<Sheet> what a spreadsheet has of it; none where it tells nothing in rows */
    public function sheets(): array
    {
        return $this->rows !== null ? [$this->rows] : array_map(
            static fn (Table $table): Sheet => new Sheet($table->heads, array_map(
                static fn (array $row): array => array_map(StyledWords::textOf(...), $row), $table->rows)),
            array_values(array_filter($this->blocks, static fn (Block $block): bool => $block instanceof Table)));
    }
}
