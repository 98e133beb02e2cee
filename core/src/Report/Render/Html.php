<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Render;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Drawing\Render\NoPictures;
use NorthBough\Core\Drawing\Render\Outward;
use NorthBough\Core\Drawing\Render\PictureSource;
use NorthBough\Core\Drawing\Render\Svg;
use NorthBough\Core\Drawing\Render\Window;
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

/** A document as one HTML page that stands alone; its style sheet is handed in, since fonts lie elsewhere for print and screen. */
final class Html
{
    /** A table of more columns than these is set smaller. */
    private const WIDE = 7;

    private const SHORT = 12;

    /** Entries are set in no further than this. */
    private const DEEPEST = 12;

    /** @var array<string, list<string>> anchors of what is named, by style and key */
    private array $mentions = [];

    private int $mentioned = 0;

    /** Before the anchors of the chapter that is being set. */
    private string $within = '';

    /** Which notes were called for: the first mark of each is what its note leads back to.
     * @var array<int, true> */
    private array $marked = [];

    /**
     * @param  string  $people  begins the address of a person's page; empty where names are no links
     * @param  PictureSource  $pictures  where the pictures of drawings are
     * @param  array<string, int>  $pages  on which each anchor stands; none before that is known, or on a screen
     */
    public function __construct(private readonly string $people = '', private readonly array $pages = [],
        private readonly PictureSource $pictures = new NoPictures)
    {
    }

    public static function page(Document $document, string $style, self $html = new self): string
    {
        $title = self::escape($document->title);

        return "<!doctype html>\n<html lang=\"en\">\n<head>\n<meta charset=\"utf-8\">\n<title>{$title}</title>\n<style>\n{$style}\n"
            ."</style>\n</head>\n<body>\n"
            .$html->body($document).'<footer>'.self::escape($document->footer)."</footer>\n</body>\n</html>\n";
    }

    public function body(Document $document): string
    {
        return implode('', array_map($this->block(...), $document->all()));
    }

    /** @return list<string> of everything that was named so far */
    public function anchors(): array
    {
        return array_merge([], ...array_values($this->mentions));
    }

    private function block(Block $block): string
    {
        return match (true) {
            $block instanceof Heading => "<h{$block->level}".$this->id($block->anchor).'>'
                .$this->words($block->words)."</h{$block->level}>\n",
            $block instanceof Paragraph => '<p'.($block->style === ParagraphStyle::Plain ? '' : " class=\"{$block->style->value}\"").'>'
                .$this->words($block->words)."</p>\n",
            $block instanceof Entry => $this->entry($block),
            $block instanceof Table => $this->table($block),
            $block instanceof NoteList => $this->notes($block),
            $block instanceof Plot => $this->plot($block),
            $block instanceof TitlePage => self::titlePage($block),
            $block instanceof Contents => self::contents($block),
            $block instanceof Index => $this->index($block),
            $block instanceof Section => $this->section($block),
            $block instanceof PageBreak => "<div class=\"page-break\"></div>\n",
            default => throw new \LogicException('No rendering for '.$block::class),
        };
    }

    private function section(Section $section): string
    {
        $this->within = $section->name;
        $html = implode('', array_map($this->block(...), $section->blocks));
        $this->within = '';

        return $html;
    }

    private function plot(Plot $plot): string
    {
        [$scene, $caption] = [$plot->scene, self::escape($plot->caption)];

        return '<figure'.($plot->isBeside ? ' class="beside"' : '').'><div role="img" aria-label="'.self::escape(implode('. ',
            array_filter([$plot->caption, $plot->said]))).'">'
            .Svg::root((string) $scene->width, (string) $scene->height)
            .Svg::content($scene, new Window(0, 0, $scene->width, $scene->height), new Outward('', $this->pictures))."</svg></div>\n"
            .($caption === '' ? '' : "<figcaption>{$caption}</figcaption>")."</figure>\n";
    }

    private function entry(Entry $entry): string
    {
        return '<p class="entry'.($entry->mark === '' ? ' more' : '').($entry->leads ? ' leads' : '').' depth-'.min($entry->depth,
            self::DEEPEST).'"'.$this->id($entry->anchor).'>'
            .($entry->mark === '' ? '' : '<span class="mark">'.self::escape($entry->mark).'</span> ').$this->words($entry->words)."</p>\n";
    }

    private function table(Table $table): string
    {
        $heads = implode('', array_map(static fn (string $head): string => '<th scope="col">'.self::escape($head).'</th>', $table->heads));
        $isWide = count($table->heads) > self::WIDE;
        $rows = '';
        foreach ($table->rows as $row) {
            $rows .= '<tr>'.implode('', array_map(fn (array $cell): string => (! $isWide && self::isShort($cell) ? '<td class="short">'
                : '<td>').$this->words($cell).'</td>', $row))."</tr>\n";
        }
        $class = $isWide ? ' class="wide"' : '';

        return "<table{$class}><caption>".self::escape($table->caption)
            ."</caption>\n<thead><tr>{$heads}</tr></thead>\n<tbody>\n{$rows}</tbody></table>\n";
    }

    /**
     * A day stays on its line.
     *
     * @param  list<StyledWords>  $cell
     */
    private static function isShort(array $cell): bool
    {
        $text = StyledWords::textOf($cell);

        return mb_strlen($text) <= self::SHORT && preg_match('/\d/', $text) === 1;
    }

    private function notes(NoteList $list): string
    {
        if ($list->notes === []) {
            return '';
        }
        $items = '';
        foreach ($list->notes as $index => $note) {
            $items .= '<li id="note-'.($index + 1).'">'.$this->words($note)."</li>\n";
        }

        return "<h{$list->level} id=\"notes\">".self::escape($list->title)."</h{$list->level}>\n<ol class=\"notes\">\n{$items}</ol>\n";
    }

    private static function titlePage(TitlePage $page): string
    {
        $line = static fn (string $class, string $words): string => $words === '' ? ''
            : "<p class=\"{$class}\">".self::escape($words)."</p>\n";

        return '<section class="title-page"><h1>'.self::escape($page->title)."</h1>\n".$line('subtitle', $page->subtitle)
            .$line('author', $page->author).$line('day', $page->day)."</section>\n";
    }

    private static function contents(Contents $contents): string
    {
        $lines = implode('', array_map(static fn (Heading $heading): string => "<li class=\"level-{$heading->level}\"><a href=\"#"
            .self::escape($heading->anchor).'">'.self::escape(StyledWords::textOf($heading->words))."</a></li>\n", $contents->headings));

        return '<nav class="contents"><h2>'.self::escape($contents->title)."</h2>\n<ol>\n{$lines}</ol></nav>\n";
    }

    private function index(Index $index): string
    {
        $lines = '';
        foreach ($index->lines($this->mentions) as [$label, $anchors]) {
            $links = [];
            foreach ($anchors as $at => $anchor) {
                $page = $this->pages[$anchor] ?? $at + 1;
                $links[$page] ??= '<a href="#'.$anchor.'">'.$page.'</a>';
            }
            $lines .= '<li>'.self::escape($label).' '.implode(', ', $links)."</li>\n";
        }

        $title = $index->title === '' ? '' : '<h2>'.self::escape($index->title)."</h2>\n";

        return $lines === '' ? '' : "<section class=\"index\">{$title}<ol>\n{$lines}</ol></section>\n";
    }

    /** @param  list<StyledWords>  $words */
    private function words(array $words): string
    {
        $html = '';
        foreach ($words as $at => $part) {
            $follows = $part->note > 0 && ($words[$at - 1]->note ?? 0) > 0;
            $html .= ($follows ? '<sup>, </sup>' : '').$this->part($part);
        }

        return $html;
    }

    private function part(StyledWords $part): string
    {
        $text = self::escape($part->text);

        return match ($part->style) {
            'italic' => "<i>{$text}</i>",
            'bold' => "<b>{$text}</b>",
            'raised' => "<sup>{$text}</sup>",
            'name' => "<span class=\"name\">{$text}</span>",
            'faint' => "<span class=\"faint\">{$text}</span>",
            'person', 'place' => $this->mention($part, $text),
            'link' => '<a href="#'.self::escape($this->within.$part->to)."\">{$text}</a>",
            'note' => $this->mark($part->note),
            default => $text,
        };
    }

    private function mention(StyledWords $part, string $text): string
    {
        $this->mentions["{$part->style} {$part->to}"][] = $anchor = 'm'.(++$this->mentioned);
        $link = $part->style === 'person' && $this->people !== '' ? ' href="'.self::escape($this->people.$part->to).'"' : '';
        $tag = $link === '' ? 'span' : 'a';

        return "<{$tag} id=\"{$anchor}\" class=\"".($part->style === 'person' ? 'name' : 'place')."\"{$link}>{$text}</{$tag}>";
    }

    private function mark(int $note): string
    {
        $id = isset($this->marked[$note]) ? '' : " id=\"mark-{$note}\"";
        $this->marked[$note] = true;

        // A word joiner keeps the mark on the line of its word.
        return "\u{2060}<sup><a{$id} href=\"#note-{$note}\">{$note}</a></sup>";
    }

    private function id(string $anchor): string
    {
        return $anchor === '' ? '' : ' id="'.self::escape($this->within.$anchor).'"';
    }

    private static function escape(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_SUBSTITUTE, 'UTF-8');
    }
}
