<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Render;

use NorthBough\Core\Citation\StyledWords;
use NorthBough\Core\Report\Document;
use NorthBough\Core\Report\Node\Block;
use NorthBough\Core\Report\Node\Heading;
use NorthBough\Core\Report\Node\NoteList;
use NorthBough\Core\Report\Node\Paragraph;
use NorthBough\Core\Report\Node\Table;

/** A document as one HTML page that stands alone; its style sheet is handed in, since fonts lie elsewhere for print and screen. */
final class Html
{
    public static function page(Document $document, string $style): string
    {
        $title = self::escape($document->title);

        return "<!doctype html>\n<html lang=\"en\">\n<head>\n<meta charset=\"utf-8\">\n<title>{$title}</title>\n<style>\n{$style}\n"
            ."</style>\n</head>\n<body>\n"
            .self::body($document).'<footer>'.self::escape($document->footer)."</footer>\n</body>\n</html>\n";
    }

    public static function body(Document $document): string
    {
        return implode('', array_map(self::block(...), $document->blocks));
    }

    private static function block(Block $block): string
    {
        return match (true) {
            $block instanceof Heading => "<h{$block->level}>".self::words($block->words)."</h{$block->level}>\n",
            $block instanceof Paragraph => '<p>'.self::words($block->words)."</p>\n",
            $block instanceof Table => self::table($block),
            $block instanceof NoteList => self::notes($block),
            default => throw new \LogicException('No rendering for '.$block::class),
        };
    }

    private static function table(Table $table): string
    {
        $heads = implode('', array_map(static fn (string $head): string => '<th scope="col">'.self::escape($head).'</th>', $table->heads));
        $rows = '';
        foreach ($table->rows as $row) {
            $rows .= '<tr>'.implode('', array_map(static fn (array $cell): string => '<td>'.self::words($cell).'</td>', $row))."</tr>\n";
        }

        return '<table><caption>'.self::escape($table->caption)
            ."</caption>\n<thead><tr>{$heads}</tr></thead>\n<tbody>\n{$rows}</tbody></table>\n";
    }

    private static function notes(NoteList $list): string
    {
        if ($list->notes === []) {
            return '';
        }
        $items = '';
        foreach ($list->notes as $index => $note) {
            $items .= '<li id="note-'.($index + 1).'">'.self::words($note)."</li>\n";
        }

        return '<h2>'.self::escape($list->title)."</h2>\n<ol class=\"notes\">\n{$items}</ol>\n";
    }

    /** @param  list<StyledWords>  $words */
    private static function words(array $words): string
    {
        return implode('', array_map(static fn (StyledWords $part): string => match ($part->style) {
            'italic' => '<i>'.self::escape($part->text).'</i>',
            'name' => '<span class="name">'.self::escape($part->text).'</span>',
            'faint' => '<span class="faint">'.self::escape($part->text).'</span>',
            'note' => "<sup><a href=\"#note-{$part->note}\">{$part->note}</a></sup>",
            default => self::escape($part->text),
        }, $words));
    }

    private static function escape(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_SUBSTITUTE, 'UTF-8');
    }
}
