<?php

declare(strict_types=1);

namespace Tests\Architecture;

/**
 * docs/import-order.svg: the modules in their order, each line read from left to right. `php tests/Architecture/draw.php`
 * draws it anew.
 */
final class ImportOrderPicture
{
    private const A_LINE = 6;

    private const WIDTH = 118;

    private const HEIGHT = 30;

    private const STEP_X = 138;

    private const STEP_Y = 46;

    public static function svg(): string
    {
        $y = 24;
        $body = '';
        foreach (['core/src: a module uses those before it' => ImportOrder::CORE,
            'app/Trees: the same, and any of core' => ImportOrder::TREES] as $title => $modules) {
            $body .= "<text x=\"16\" y=\"{$y}\" class=\"head\">{$title}</text>\n";
            foreach ($modules as $place => $module) {
                $body .= self::box($module, 16 + self::STEP_X * ($place % self::A_LINE),
                    $y + 14 + self::STEP_Y * intdiv($place, self::A_LINE), $place + 1 < count($modules));
            }
            $y += 14 + self::STEP_Y * (intdiv(count($modules) - 1, self::A_LINE) + 1) + 30;
        }
        $width = 16 + self::STEP_X * self::A_LINE;

        return <<<SVG
            <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 {$width} {$y}" width="{$width}" height="{$y}"
                role="img" aria-label="Import order of the modules">
            <style>text{font:13px sans-serif;fill:#1f2326}.head{font-weight:bold}
                rect{fill:#fdfdfb;stroke:#5a6167}path{stroke:#5a6167;fill:none}</style>
            <rect width="100%" height="100%" style="stroke:none"/>
            {$body}</svg>

            SVG;
    }

    private static function box(string $module, int $x, int $y, bool $goesOn): string
    {
        [$middle, $right, $base] = [$x + self::WIDTH / 2, $x + self::WIDTH, $y + 20];
        $arrow = $goesOn ? '<path d="M'.($right + 4).' '.($y + 15).'h10m-4 -4l4 4l-4 4"/>' : '';

        return "<rect x=\"{$x}\" y=\"{$y}\" width=\"".self::WIDTH.'" height="'.self::HEIGHT
            ."\" rx=\"2\"/><text x=\"{$middle}\" y=\"{$base}\" text-anchor=\"middle\">{$module}</text>{$arrow}\n";
    }
}
