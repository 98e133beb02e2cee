<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Render;

use Closure;
use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Node\Block;
use NorthBough\Core\Report\Node\Contents;
use NorthBough\Core\Report\Node\Entry;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Report\Node\Index;
use NorthBough\Core\Report\Node\NoteList;
use NorthBough\Core\Report\Node\PageBreak;
use NorthBough\Core\Report\Node\Paragraph;
use NorthBough\Core\Report\Node\ParagraphStyle;
use NorthBough\Core\Report\Node\Plot;
use NorthBough\Core\Report\Node\Table;
use NorthBough\Core\Report\Node\TitlePage;

/**
 * A document as the tree that pandoc reads, from which it writes the files of word processors: notes stay notes, headings stay
 * headings. Source: pandoc-types 1.22, Text.Pandoc.Definition.
 */
final class PandocJson
{
    private const VERSION = [1, 22, 1];

    private const NO_ATTRIBUTES = ['', [], []];

    /** @var list<list<StyledWords>> */
    private array $notes = [];

    /** @var array<int, true> notes that stand at their first mark already */
    private array $placed = [];

    /** @var array<string, list<string>> anchors of what is named, by style and key */
    private array $mentions = [];

    private int $mentioned = 0;

    /** @param  Closure(Scene): string  $address  where the picture of a scene is, such as a data address */
    private function __construct(private readonly Closure $address)
    {
    }

    /** @param  Closure(Scene): string  $address  where the picture of a scene is, such as a data address */
    public static function render(Document $document, Closure $address): string
    {
        $pandoc = new self($address);
        foreach ($document->all() as $block) {
            if ($block instanceof NoteList) {
                $pandoc->notes = $block->notes;
            }
        }
        $blocks = [];
        foreach ($document->all() as $block) {
            array_push($blocks, ...$pandoc->block($block));
        }
        $blocks[] = self::styled('Footer', [self::node('Para', self::text($document->footer))]);
        $meta = ['title' => ['t' => 'MetaInlines', 'c' => self::text($document->title)], 'lang' => ['t' => 'MetaString', 'c' => 'en-GB']];

        return json_encode(['pandoc-api-version' => self::VERSION, 'meta' => self::hasTitle($document) ? ['lang' => $meta['lang']] : $meta,
            'blocks' => $blocks], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE);
    }

    /** Whether its own first block says what it is called, so that nothing has to say so before it. */
    private static function hasTitle(Document $document): bool
    {
        $first = $document->blocks[0] ?? null;

        return $first instanceof TitlePage || ($first instanceof Heading && $first->level === 1);
    }

    /** @return list<array<string, mixed>> */
    private function block(Block $block): array
    {
        return match (true) {
            $block instanceof Heading => [self::node('Header', [$block->level, [$block->anchor, [], []], $this->words($block->words)])],
            $block instanceof Paragraph => [$this->paragraph($block)],
            $block instanceof Entry => [$this->entry($block)],
            $block instanceof Table => [$this->table($block)],
            // The notes stand where they are called for.
            $block instanceof NoteList => [],
            $block instanceof Plot => [$this->plot($block)],
            $block instanceof TitlePage => array_map(
                static fn (string $words, string $style): array => self::styled($style, [self::node('Para', self::text($words))]),
                [$block->title, $block->subtitle, $block->author, $block->day], ['Title', 'Subtitle', 'Author', 'Date']),
            $block instanceof Contents => [self::node('Header', [2, self::NO_ATTRIBUTES, self::text($block->title)]),
                ...array_map(static fn (Heading $heading): array => self::node('Para', [
                    self::link(self::text(StyledWords::textOf($heading->words)), $heading->anchor)]), $block->headings)],
            $block instanceof Index => $this->index($block),
            $block instanceof PageBreak => [self::node('RawBlock', ['openxml', '<w:p><w:r><w:br w:type="page"/></w:r></w:p>']),
                self::node('RawBlock', ['opendocument', '<text:p text:style-name="Pagebreak"/>'])],
            default => throw new \LogicException('No rendering for '.$block::class),
        };
    }

    /** @return array<string, mixed> */
    private function paragraph(Paragraph $paragraph): array
    {
        $words = self::node('Para', $this->words($paragraph->words));

        return match ($paragraph->style) {
            ParagraphStyle::Plain => $words,
            ParagraphStyle::Quote => self::node('BlockQuote', [$words]),
            ParagraphStyle::Hanging => self::styled('Bibliography', [$words]),
        };
    }

    /** @return array<string, mixed> */
    private function entry(Entry $entry): array
    {
        $words = $this->words($entry->words);
        $marked = $entry->mark === '' ? $words : [...self::text($entry->mark), self::node('Space'), ...$words];
        $inner = self::node('Para', $entry->anchor === '' ? $marked : [self::node('Span', [[$entry->anchor, [], []], $marked])]);
        for ($depth = 0; $depth < $entry->depth; $depth++) {
            $inner = self::node('BlockQuote', [$inner]);
        }

        return $inner;
    }

    /** @return array<string, mixed> */
    private function table(Table $table): array
    {
        $cell = static fn (array $inlines): array => [self::NO_ATTRIBUTES, self::node('AlignDefault'), 1, 1,
            $inlines === [] ? [] : [self::node('Plain', $inlines)]];
        $row = static fn (array $cells): array => [self::NO_ATTRIBUTES, $cells];
        $rows = array_map(fn (array $cells): array => $row(array_map(fn (array $words): array => $cell($this->words($words)), $cells)),
            $table->rows);
        $columns = array_map(static fn (): array => [self::node('AlignDefault'), self::node('ColWidthDefault')], $table->heads);

        return self::node('Table', [self::NO_ATTRIBUTES, [null, [self::node('Plain', self::text($table->caption))]], $columns,
            [self::NO_ATTRIBUTES, [$row(array_map(static fn (string $head): array => $cell(self::text($head)), $table->heads))]],
            [[self::NO_ATTRIBUTES, 0, [], $rows]], [self::NO_ATTRIBUTES, []]]);
    }

    /** @return array<string, mixed> */
    private function plot(Plot $plot): array
    {
        $caption = self::text($plot->caption);

        return self::node('Para', [self::node('Image', [self::NO_ATTRIBUTES, $caption, [($this->address)($plot->scene), 'fig:']])]);
    }

    /** @return list<array<string, mixed>> */
    private function index(Index $index): array
    {
        $blocks = [];
        foreach ($index->entries as $key => $label) {
            $anchors = $this->mentions["{$index->style} {$key}"] ?? [];
            if ($anchors === []) {
                continue;
            }
            $words = [...self::text($label), self::node('Space')];
            foreach ($anchors as $at => $anchor) {
                array_push($words, ...$at === 0 ? [] : [self::node('Str', ','), self::node('Space')], ...[self::pageOf($anchor, $at + 1)]);
            }
            $blocks[] = self::node('Para', $words);
        }

        return $blocks === [] ? [] : [self::node('Header', [2, self::NO_ATTRIBUTES, self::text($index->title)]), ...$blocks];
    }

    /**
     * The page of an anchor, as a field that a word processor fills in; elsewhere a link that is counted.
     *
     * @return array<string, mixed>
     */
    private static function pageOf(string $anchor, int $count): array
    {
        return self::link([self::node('Str', (string) $count)], $anchor);
    }

    /**
     * @param  list<StyledWords>  $words
     * @return list<array<string, mixed>>
     */
    private function words(array $words): array
    {
        $inlines = [];
        foreach ($words as $at => $part) {
            $follows = $part->note > 0 && ($words[$at - 1]->note ?? 0) > 0;
            array_push($inlines, ...$follows ? [self::node('Superscript', [self::node('Str', ',')])] : [], ...$this->part($part));
        }

        return $inlines;
    }

    /** @return list<array<string, mixed>> */
    private function part(StyledWords $part): array
    {
        $text = self::text($part->text);

        return match ($part->style) {
            'italic' => [self::node('Emph', $text)],
            'bold' => [self::node('Strong', $text)],
            'person', 'place' => [$this->mention($part, $text)],
            'link' => [self::link($text, $part->to)],
            'note' => [$this->note($part->note)],
            default => $text,
        };
    }

    /**
     * @param  list<array<string, mixed>>  $text
     * @return array<string, mixed>
     */
    private function mention(StyledWords $part, array $text): array
    {
        $this->mentions["{$part->style} {$part->to}"][] = $anchor = 'm'.(++$this->mentioned);

        return self::node('Span', [[$anchor, [], []], $text]);
    }

    /**
     * A note stands at its first mark; a later mark of the same one is its number alone.
     *
     * @return array<string, mixed>
     */
    private function note(int $number): array
    {
        if (isset($this->placed[$number]) || ! isset($this->notes[$number - 1])) {
            return self::node('Superscript', [self::node('Str', (string) $number)]);
        }
        $this->placed[$number] = true;

        return self::node('Note', [self::node('Para', $this->words($this->notes[$number - 1]))]);
    }

    /**
     * @param  list<array<string, mixed>>  $text
     * @return array<string, mixed>
     */
    private static function link(array $text, string $anchor): array
    {
        return self::node('Link', [self::NO_ATTRIBUTES, $text, ["#{$anchor}", '']]);
    }

    /** @return list<array<string, mixed>> */
    private static function text(string $text): array
    {
        $inlines = [];
        foreach (preg_split('/([ \n]+)/u', $text, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [] as $at => $part) {
            if ($part !== '') {
                $inlines[] = $at % 2 === 0 ? self::node('Str', $part) : self::node('Space');
            }
        }

        return $inlines;
    }

    /**
     * @param  list<array<string, mixed>>  $blocks
     * @return array<string, mixed>
     */
    private static function styled(string $style, array $blocks): array
    {
        return self::node('Div', [['', [], [['custom-style', $style]]], $blocks]);
    }

    /** @return array<string, mixed> */
    private static function node(string $type, mixed $content = null): array
    {
        return $content === null ? ['t' => $type] : ['t' => $type, 'c' => $content];
    }
}
