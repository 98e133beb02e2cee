<?php

declare(strict_types=1);

namespace App\Printing;

use NorthBough\Core\Drawing\Render\Paper;

/** The style sheets of documents that leave as files. */
final class PrintStyle
{
    private const COMMON = <<<'CSS'
        body { font-family: "Source Serif 4", Georgia, serif; font-variant-numeric: oldstyle-nums; color: #1f2326; line-height: 1.45; }
        h1 { font-size: 1.6em; font-weight: 600; line-height: 1.2; margin: 0 0 .8em; }
        h2 { font-size: 1.15em; font-weight: 600; margin: 1.6em 0 .3em; break-after: avoid; }
        h3 { font-size: 1em; font-weight: 600; margin: 1.2em 0 .2em; break-after: avoid; }
        h4 { font-size: 1em; font-weight: 400; font-style: italic; margin: 1em 0 .2em; break-after: avoid; }
        p { margin: .45em 0; orphans: 2; widows: 2; }
        p.entry { margin: .3em 0 .3em 3.2em; text-indent: -3.2em; }
        p.entry .mark { display: inline-block; min-width: 2.6em; margin-right: .6em; text-indent: 0; text-align: right;
            font-variant-numeric: lining-nums; white-space: nowrap; }
        p.entry.more { text-indent: 0; }
        p.entry.leads { break-after: avoid; }
        p.quote { margin-left: 2.4em; margin-right: 2.4em; }
        p.hanging { padding-left: 1.6em; text-indent: -1.6em; }
        table { border-collapse: collapse; width: 100%; font-size: .92em; margin: .4em 0 .8em; }
        caption { position: absolute; left: -9999px; }
        th { text-align: left; font: 600 .8em "Atkinson Hyperlegible Next", sans-serif; color: #5a6167;
            border-bottom: 1px solid #b9bfc3; padding: .2em .6em .2em 0; }
        td { vertical-align: top; padding: .2em .6em .2em 0; border-bottom: 1px solid #e4e7e8; overflow-wrap: break-word; }
        td, th { hyphens: manual; }
        td.short { white-space: nowrap; }
        table.wide { font-size: .74em; }
        table.wide td, table.wide th { padding-right: .4em; }
        td:nth-child(2) { font-variant-numeric: lining-nums tabular-nums; }
        tr { break-inside: avoid; }
        thead { break-after: avoid; }
        sup { font-size: .72em; line-height: 0; vertical-align: baseline; position: relative; top: -.5em; }
        sup a { color: #2c4a5e; text-decoration: none; font-family: "Atkinson Hyperlegible Next", sans-serif; }
        a { color: inherit; }
        .faint { color: #5a6167; font-weight: 400; }
        ol.notes { font-size: .85em; padding-left: 2.4em; }
        ol.notes li { margin: .2em 0; }
        figure { margin: .4em 0 1em; break-inside: avoid; }
        figure.beside { float: right; margin: 0 0 .6em 1em; clear: right; }
        figure svg { max-width: 100%; height: auto; }
        figcaption { font: .75em "Atkinson Hyperlegible Next", sans-serif; color: #5a6167; }
        .index ol { list-style: none; padding: 0; columns: 2; column-gap: 2.4em; font-size: .9em; }
        .index li { padding-left: 1.4em; text-indent: -1.4em; break-inside: avoid; }
        .index a { text-decoration: none; font-variant-numeric: lining-nums; }
        .contents ol { list-style: none; padding: 0; }
        .contents a { text-decoration: none; }
        .contents .level-3 { padding-left: 1.6em; }
        .title-page { text-align: center; }
        .title-page h1 { font-size: 2.4em; margin-bottom: .3em; }
        .title-page .subtitle { font-size: 1.2em; font-style: italic; }
        .title-page .author { margin-top: 2em; font-size: 1.1em; }
        .title-page .day { color: #5a6167; }
        footer { margin-top: 2em; font: .75em "Atkinson Hyperlegible Next", sans-serif; color: #5a6167; }
        CSS;

    /** How far entries are set in, by their class: the maker of PDF does no sums. */
    private static function depths(): string
    {
        return implode(' ',
            array_map(static fn (int $depth): string => "p.entry.depth-{$depth} { margin-left: ".(3.2 + 1.6 * $depth).'em; }', range(1,
                12)));
    }

    public static function screen(): string
    {
        return self::COMMON.self::depths()."\nbody { max-width: 46em; margin: 2em auto; padding: 0 1em; }";
    }

    public static function paper(Paper $paper): string
    {
        return self::COMMON.self::depths()."\n@page { size: {$paper->value}; }\n".<<<'CSS'

            @page { margin: 18mm 20mm 20mm;
                @bottom-right { content: counter(page) " of " counter(pages); font: 8pt "Atkinson Hyperlegible Next", sans-serif;
                    color: #5a6167; } }
            @page :first { @top-left { content: none; } }
            body { font-size: 10.5pt; hyphens: auto; }
            caption { display: none; }
            .page-break { break-after: page; }
            .title-page { padding-top: 60mm; page: title; }
            @page title { @bottom-right { content: none; } @bottom-left { content: none; } }
            .contents { break-before: page; }
            .contents a::after { content: leader(' . ') target-counter(attr(href url), page); font-variant-numeric: lining-nums; }
            a { text-decoration: none; }
            CSS;
    }
}
