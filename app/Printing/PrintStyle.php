<?php

declare(strict_types=1);

namespace App\Printing;

/** The style sheets of documents that leave as files. */
final class PrintStyle
{
    private const COMMON = <<<'CSS'
        body { font-family: "Source Serif 4", Georgia, serif; font-variant-numeric: oldstyle-nums; color: #1f2326; line-height: 1.45; }
        h1 { font-size: 1.6em; font-weight: 600; margin: 0 0 .8em; }
        h2 { font-size: 1.15em; font-weight: 600; margin: 1.4em 0 .3em; break-after: avoid; }
        table { border-collapse: collapse; width: 100%; font-size: .92em; }
        caption { position: absolute; left: -9999px; }
        th { text-align: left; font: 600 .8em "Atkinson Hyperlegible Next", sans-serif; color: #5a6167;
            border-bottom: 1px solid #b9bfc3; padding: .2em .6em .2em 0; }
        td { vertical-align: top; padding: .2em .6em .2em 0; border-bottom: 1px solid #e4e7e8; }
        td:nth-child(2) { font-variant-numeric: lining-nums tabular-nums; }
        tr { break-inside: avoid; }
        sup { font-size: .75em; line-height: 0; vertical-align: baseline; position: relative; top: -.5em; }
        sup a { color: #2c4a5e; text-decoration: none; font-family: "Atkinson Hyperlegible Next", sans-serif; padding-left: .15em; }
        .faint { color: #5a6167; font-weight: 400; }
        ol.notes { font-size: .85em; padding-left: 1.6em; }
        footer { margin-top: 2em; font: .75em "Atkinson Hyperlegible Next", sans-serif; color: #5a6167; }
        CSS;

    public static function screen(): string
    {
        return self::COMMON."\nbody { max-width: 46em; margin: 2em auto; padding: 0 1em; }";
    }

    public static function paper(): string
    {
        return self::COMMON.<<<'CSS'

            @page { size: A4; margin: 18mm 20mm 20mm;
                @bottom-right { content: counter(page) " of " counter(pages); font: 8pt "Atkinson Hyperlegible Next", sans-serif;
                    color: #5a6167; } }
            body { font-size: 10.5pt; }
            caption { display: none; }
            CSS;
    }
}
