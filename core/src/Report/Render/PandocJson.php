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
use NorthBough\Core\Report\Node\Section;
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

    /** @var array<string, array<int, string>> anchors of what is named, by style and key, then by paragraph */
    private array $mentions = [];

    private int $paragraph = 0;

    private int $mentioned = 0;

    /** Before the anchors of the chapter that is being set. */
    private string $within = '';

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

        return json_encode(['pandoc-api-version' => self::VERSION, 'meta' => self::meta($document), 'blocks' => $blocks],
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE);
    }

    /** Whether the headings with their pages stand before it. */
    public static function hasContents(Document $document): bool
    {
        return array_filter($document->blocks, static fn (Block $block): bool => $block instanceof Contents) !== [];
    }

    /** @return array<string, mixed> */
    private static function meta(Document $document): array
    {
        $first = $document->blocks[0] ?? null;
        $words = match (true) {
            $first instanceof TitlePage => ['title' => $first->title, 'subtitle' => $first->subtitle, 'author' => $first->author,
                'date' => $first->day],
            // Its first heading says what it is called, so that nothing has to say so before it.
            $first instanceof Heading && $first->level === 1 => [],
            default => ['title' => $document->title],
        };

        return ['lang' => ['t' => 'MetaString', 'c' => 'en-GB']] + array_map(
            static fn (string $text): array => ['t' => 'MetaInlines', 'c' => self::text($text)],
            array_filter($words, static fn (string $text): bool => $text !== ''));
    }

    /** @return list<array<string, mixed>> */
    private function block(Block $block): array
    {
        $this->paragraph++;

        return match (true) {
            $block instanceof Heading => [self::node('Header', [$block->level, [$this->anchor($block->anchor), [], []],
                $this->words($block->words)])],
            $block instanceof Paragraph => [$this->paragraph($block)],
            $block instanceof Entry => [$this->entry($block)],
            $block instanceof Table => [$this->table($block)],
            // The notes stand where they are called for.
            $block instanceof NoteList => [],
            $block instanceof Plot => [$this->plot($block)],
            // The title is that of the file, and its contents are made by whoever writes it.
            $block instanceof TitlePage, $block instanceof Contents => [],
            $block instanceof Index => $this->index($block),
            $block instanceof Section => $this->section($block),
            $block instanceof PageBreak => [self::node('RawBlock', ['openxml', '<w:p><w:r><w:br w:type="page"/></w:r></w:p>']),
                self::node('RawBlock', ['opendocument', '<text:p text:style-name="Pagebreak"/>'])],
            default => throw new \LogicException('No rendering for '.$block::class),
        };
    }

    /** @return list<array<string, mixed>> */
    private function section(Section $section): array
    {
        $this->within = $section->name;
        $blocks = array_merge([], ...array_map($this->block(...), $section->blocks));
        $this->within = '';

        return $blocks;
    }

    private function anchor(string $anchor): string
    {
        return $anchor === '' ? '' : $this->within.$anchor;
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
        $inner = self::node('Para', $entry->anchor === '' ? $marked : [self::node('Span', [[$this->anchor($entry->anchor), [], []],
            $marked])]);
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
        $caption = self::text($plot->caption === '' ? $plot->said : $plot->caption);

        return self::node('Para', [self::node('Image', [self::NO_ATTRIBUTES, $caption, [($this->address)($plot->scene), 'fig:']])]);
    }

    /** @return list<array<string, mixed>> */
    private function index(Index $index): array
    {
        $blocks = [];
        foreach ($index->lines($this->mentions) as [$label, $anchors]) {
            $words = [...self::text($label), self::node('Space')];
            foreach ($anchors as $at => $anchor) {
                array_push($words, ...$at === 0 ? [] : [self::node('Str', ','), self::node('Space')], ...self::pageOf($anchor));
            }
            $blocks[] = self::node('Para', $words);
        }

        return $blocks === [] || $index->title === '' ? $blocks
            : [self::node('Header', [2, self::NO_ATTRIBUTES, self::text($index->title)]), ...$blocks];
    }

    /**
     * The page of an anchor, as a field that the word processor fills in.
     *
     * @return list<array<string, mixed>>
     */
    private static function pageOf(string $anchor): array
    {
        $field = static fn (string $type): string => "<w:r><w:fldChar w:fldCharType=\"{$type}\"/></w:r>";

        return [
            self::node('RawInline', ['openxml',
                $field('begin')."<w:r><w:instrText xml:space=\"preserve\"> PAGEREF {$anchor} \\h </w:instrText></w:r>"
                .$field('separate').'<w:r><w:t>…</w:t></w:r>'.$field('end')]),
            self::node('RawInline', ['opendocument',
                "<text:bookmark-ref text:reference-format=\"page\" text:ref-name=\"{$anchor}\">…</text:bookmark-ref>"]),
        ];
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
            'raised' => [self::node('Superscript', $text)],
            'person', 'place' => [$this->mention($part, $text)],
            'link' => [self::link($text, $this->anchor($part->to))],
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
        $anchor = 'm'.(++$this->mentioned);
        // Whoever is named twice in one paragraph is on its page once.
        $this->mentions["{$part->style} {$part->to}"][$this->paragraph] ??= $anchor;

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
