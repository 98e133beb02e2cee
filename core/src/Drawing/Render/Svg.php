<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Render;

use NorthBough\Core\Drawing\PersonBox;
use NorthBough\Core\Drawing\Scene\Box;
use NorthBough\Core\Drawing\Scene\Line;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Drawing\TypeMeasure;

/** A scene as SVG 1.1 of its own size, one unit to the point. */
final class Svg
{
    private const INK = '#1f2326';

    private const GRAPHITE = '#5a6167';

    /** Stroke patterns of the rule at the left of a box. */
    public const RULES = ['cited' => 'none', 'partly' => '7 4', 'uncited' => '1.5 4'];

    public static function render(Scene $scene): string
    {
        $width = self::number($scene->width);
        $height = self::number($scene->height + 20);
        $lines = implode('', array_map(self::line(...), $scene->lines));
        $boxes = implode('', array_map(self::box(...), $scene->boxes));
        $title = self::escape($scene->title);
        $foot = self::number($scene->height + 6);

        $legend = 'rule at the left: whole, cited; dashed, in part; dotted, not yet · dotted line: not proved';

        return <<<SVG
            <?xml version="1.0" encoding="UTF-8"?>
            <svg xmlns="http://www.w3.org/2000/svg" width="{$width}pt" height="{$height}pt" viewBox="0 0 {$width} {$height}">
            <title>{$title}</title>
            <rect width="100%" height="100%" fill="#fdfdfb"/>
            {$lines}{$boxes}<text x="24" y="{$foot}"
            font-family="Atkinson Hyperlegible Next, sans-serif" font-size="9" fill="#5a6167">{$title} · {$legend}</text>
            </svg>

            SVG;
    }

    private static function box(Box $box): string
    {
        $x = self::number($box->x);
        $top = self::number($box->y + 4);
        $bottom = self::number($box->y + $box->height - 4);
        $textX = self::number($box->x + 10);
        $dashes = self::RULES[$box->rule] ?? 'none';
        $y = $box->y + 18;
        $text = '';
        foreach ($box->nameLines as $line) {
            $text .= self::text($textX, $y, PersonBox::NAME_SIZE, 'Source Serif 4, serif', self::INK, $line);
            $y += 17;
        }
        foreach ($box->lines as $line) {
            $text .= self::text($textX, $y, PersonBox::LINE_SIZE, 'Atkinson Hyperlegible Next, sans-serif', self::GRAPHITE, $line);
            $y += 14;
        }
        if ($box->mark !== '') {
            $markX = $box->linesAtLeft ? $box->x - 6 - TypeMeasure::width($box->mark, 10) : $box->x + $box->width + 2;
            $text .= self::text(self::number($markX), $box->y + $box->height / 2 - 8, 10, 'Atkinson Hyperlegible Next, sans-serif',
                self::GRAPHITE, $box->mark);
        }
        if ($box->more !== '') {
            $text .= self::text(self::number($box->x + $box->width), $box->y + $box->height / 2 + 4, 11,
                'Atkinson Hyperlegible Next, sans-serif', self::GRAPHITE, "… {$box->more}");
        }
        $name = self::escape($box->fullName);

        return "<g><title>{$name}</title><line x1=\"{$x}\" y1=\"{$top}\" x2=\"{$x}\" y2=\"{$bottom}\" stroke=\"#1f2326\" "
            ."stroke-width=\"2\" stroke-dasharray=\"{$dashes}\"/>{$text}</g>\n";
    }

    private static function line(Line $line): string
    {
        $points = implode(' ', array_map(static fn (array $p): string => self::number($p[0]).','.self::number($p[1]), $line->points));
        $dashes = $line->dotted ? ' stroke-dasharray="2 4"' : '';

        return "<polyline points=\"{$points}\" fill=\"none\" stroke=\"#8b9297\" stroke-width=\"1\"{$dashes}/>\n";
    }

    private static function text(string $x, float $y, float $size, string $family, string $colour, string $words): string
    {
        return "<text x=\"{$x}\" y=\"".self::number($y).'" font-family="'.$family.'" font-size="'.self::number($size).'" fill="'.$colour
            .'">'.self::escape($words).'</text>';
    }

    private static function number(float $number): string
    {
        return rtrim(rtrim(number_format($number, 2, '.', ''), '0'), '.');
    }

    private static function escape(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_XML1 | ENT_SUBSTITUTE | ENT_DISALLOWED, 'UTF-8');
    }
}
