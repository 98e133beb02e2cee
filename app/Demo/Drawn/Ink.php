<?php

declare(strict_types=1);

namespace App\Demo\Drawn;

/** What pages are drawn with, as SVG: print, a hand, rules, stains. */
final class Ink
{
    private const COLOUR = '#2b2a3a';

    public static function print(string $text, int $x, int $y, int $size, string $more = ''): string
    {
        return "<text x=\"{$x}\" y=\"{$y}\" font-family=\"Source Serif 4\" font-size=\"{$size}\" fill=\"#4b4436\" {$more}>"
            .self::safe($text).'</text>';
    }

    /** A word of a hand: each a little higher or lower, a little turned. What is too long for its column is written smaller. */
    public static function hand(string $text, int $x, int $y, int $size, string $seed, float $dark, int $most = 0): string
    {
        if ($text === '') {
            return '';
        }
        $jitter = crc32($seed);
        $size = $most > 0 ? min($size, (int) ($most / max(1.0, mb_strlen($text) * 0.44))) : $size;
        $y += $jitter % 9 - 4;
        $turn = ($jitter % 13 - 6) / 10;

        return "<text x=\"{$x}\" y=\"{$y}\" transform=\"rotate({$turn} {$x} {$y})\" font-family=\"La Belle Aurore\" font-size=\"{$size}\" "
            .'fill="'.self::COLOUR."\" opacity=\"{$dark}\">".self::safe($text).'</text>';
    }

    public static function rule(int $x1, int $y1, int $x2, int $y2, int $width): string
    {
        return "<line x1=\"{$x1}\" y1=\"{$y1}\" x2=\"{$x2}\" y2=\"{$y2}\" stroke=\"#8a5a4a\" stroke-width=\"{$width}\" opacity=\"0.55\"/>";
    }

    public static function stains(string $seedOf, int $width, int $height): string
    {
        $drawn = '';
        for ($at = 0; $at < 9; $at++) {
            $seed = crc32("{$seedOf} stain {$at}");
            $drawn .= '<ellipse cx="'.($seed % $width).'" cy="'.(intdiv($seed, 7) % $height).'" rx="'.(40 + $seed % 160).'" ry="'
                .(30 + intdiv($seed, 3) % 120).'" fill="#8a6a35" opacity="0.05"/>';
        }

        return $drawn;
    }

    /** A sheet of paper with what is on it. */
    public static function sheet(int $width, int $height, string $tone, string $body): string
    {
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{$width}\" height=\"{$height}\" viewBox=\"0 0 {$width} {$height}\">"
            .'<defs><radialGradient id="age" cx="45%" cy="40%" r="75%"><stop offset="0" stop-color="#fff" stop-opacity=".35"/><stop '
            .'offset="1" stop-color="#7a5a2a" stop-opacity=".28"/></radialGradient></defs>'
            ."<rect width=\"100%\" height=\"100%\" fill=\"{$tone}\"/><rect width=\"100%\" height=\"100%\" "
            ."fill=\"url(#age)\"/>{$body}</svg>";
    }

    public static function safe(string $text): string
    {
        return htmlspecialchars($text, ENT_XML1);
    }
}
