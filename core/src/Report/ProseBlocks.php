<?php

declare(strict_types=1);

namespace NorthBough\Core\Report;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Prose\BlockKind;
use NorthBough\Core\Prose\CitationCall;
use NorthBough\Core\Prose\FactCall;
use NorthBough\Core\Prose\PersonCall;
use NorthBough\Core\Prose\ProseBlock;
use NorthBough\Core\Prose\ProsePart;
use NorthBough\Core\Prose\ProseText;
use NorthBough\Core\Prose\TextRun;
use NorthBough\Core\Report\Node\Block;
use NorthBough\Core\Report\Node\Entry;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Report\Node\Paragraph;
use NorthBough\Core\Report\Node\ParagraphStyle;
use NorthBough\Core\Tree\CitedEvidence;

/** A text that somebody wrote, as parts of a document. Facts are told in the words in which they stand in it. */
final readonly class ProseBlocks
{
    /**
     * @param  array<string, CitedEvidence>  $cited  by record
     * @param  bool  $research  with the notes for whoever searches on
     */
    public function __construct(private RunningText $running, private array $cited, private bool $research)
    {
    }

    /** @return list<Block> */
    public function of(ProseText $text): array
    {
        $blocks = [];
        $counts = [];
        foreach ($text->blocks as $block) {
            if ($block->kind === BlockKind::Research && ! $this->research) {
                continue;
            }
            // Items of a list count on; a list within it begins anew, and whatever is no item ends it.
            $counts = array_filter($counts, static fn (int $level): bool => $block->kind === BlockKind::Numbered && $level <= $block->level,
                ARRAY_FILTER_USE_KEY);
            $counts[$block->level] = ($counts[$block->level] ?? 0) + 1;
            $blocks[] = $this->block($block, $counts[$block->level]);
        }

        return $blocks;
    }

    private function block(ProseBlock $block, int $count): Block
    {
        $words = array_merge([], ...array_map($this->words(...), $block->parts));
        $depth = max(0, $block->level - 1);

        return match ($block->kind) {
            BlockKind::Paragraph => new Paragraph($words),
            BlockKind::Heading => new Heading(max(1, min(4, $block->level + 1)), $words),
            BlockKind::Quote => new Paragraph($words, ParagraphStyle::Quote),
            BlockKind::Bullet => new Entry('•', $words, $depth),
            BlockKind::Numbered => new Entry("{$count}.", $words, $depth),
            BlockKind::Research => new Paragraph([StyledWords::faint('Research: '), ...$words], ParagraphStyle::Quote),
        };
    }

    /** @return list<StyledWords> */
    private function words(ProsePart $part): array
    {
        return match (true) {
            $part instanceof TextRun => [match (true) {
                $part->isBold => StyledWords::bold($part->text),
                $part->isItalic => StyledWords::italic($part->text),
                default => StyledWords::plain($part->text),
            }],
            $part instanceof FactCall => [StyledWords::plain($part->told)],
            $part instanceof PersonCall => [StyledWords::person($part->told, $part->personId)],
            $part instanceof CitationCall => isset($this->cited[$part->recordId])
                ? $this->running->notes->marks([$this->cited[$part->recordId]]) : [],
            default => throw new \LogicException('No words for '.$part::class),
        };
    }
}
