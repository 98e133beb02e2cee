<?php

declare(strict_types=1);

namespace NorthBough\Core\Report;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Report\Node\Block;
use NorthBough\Core\Report\Node\Entry;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Report\Node\NoteList;
use NorthBough\Core\Report\Node\Paragraph;
use NorthBough\Core\Report\Node\Section;
use NorthBough\Core\Report\Node\Table;

/** What a report says, apart from how it is set. */
final readonly class Document
{
    /**
     * @param  list<Block>  $blocks
     * @param  Sheet|null  $rows  for a spreadsheet; null where that is its tables as they stand
     * @param  int  $left  how many parts follow that were not made, since only the beginning was wanted
     * @param  list<string>  $namedLater  ids of those whom these would name
     * @param  list<Block>  $apparatus  notes and bibliography, which a book has at its own end
     */
    public function __construct(
        public string $title,
        public string $footer,
        public array $blocks,
        public ?Sheet $rows = null,
        public array $apparatus = [],
        public int $left = 0,
        public array $namedLater = [],
    ) {
    }

    /** @return list<Block> */
    public function all(): array
    {
        return [...$this->blocks, ...$this->apparatus];
    }

    /** As much of it as a page shows at once. */
    public function beginning(int $most): self
    {
        return new self($this->title, $this->footer, array_slice($this->blocks, 0, $most), $this->rows, $this->apparatus,
            $this->left + max(0, count($this->blocks) - $most), $this->namedLater);
    }

    /** @return list<string> ids of everybody whom its words name, in order, each once */
    public function personIds(): array
    {
        $ids = [];
        foreach ($this->all() as $block) {
            foreach (self::wordsOf($block) as $part) {
                if ($part->style === 'person') {
                    $ids[$part->to] = true;
                }
            }
        }

        return array_map(strval(...), array_keys($ids + array_fill_keys($this->namedLater, true)));
    }

    /** @return list<StyledWords> what stands in a part of a document; nothing of a part that is no text */
    public static function wordsOf(Block $block): array
    {
        return match (true) {
            $block instanceof Heading, $block instanceof Paragraph, $block instanceof Entry => $block->words,
            $block instanceof Table => array_merge([], ...array_map(static fn (array $row): array => array_merge([], ...$row),
                $block->rows)),
            $block instanceof NoteList => array_merge([], ...$block->notes),
            $block instanceof Section => array_merge([], ...array_map(self::wordsOf(...), $block->blocks)),
            default => [],
        };
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
