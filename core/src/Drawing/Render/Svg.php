<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Render;

use NorthBough\Core\Drawing\Scene\Anchor;
use NorthBough\Core\Drawing\Scene\Gesture;
use NorthBough\Core\Drawing\Scene\HitArea;
use NorthBough\Core\Drawing\Scene\Ink;
use NorthBough\Core\Drawing\Scene\Path;
use NorthBough\Core\Drawing\Scene\Picture;
use NorthBough\Core\Drawing\Scene\Rule;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Drawing\Scene\StrokeStyle;
use NorthBough\Core\Drawing\Scene\Text;
use NorthBough\Core\Drawing\Scene\Typeface;

/** A scene as SVG 1.1 of its own size, one unit to the point. */
final class Svg
{
    private const PAPER = '#fdfdfb';

    public static function render(Scene $scene, Outward $outward = new Outward): string
    {
        [$width, $height] = [self::number($scene->width), self::number($scene->height)];
        $content = self::content($scene, new Window(0, 0, $scene->width, $scene->height), $outward);
        [$title, $paper] = [self::escape($scene->title), self::PAPER];
        $foot = self::text(new Text($scene->foot->x, $scene->foot->y, "{$scene->title} · {$scene->foot->words}", $scene->foot->style));
        $root = self::root($width, $height);

        return <<<SVG
            <?xml version="1.0" encoding="UTF-8"?>
            {$root}
            <title>{$title}</title>
            <rect width="100%" height="100%" fill="{$paper}"/>
            {$content}{$foot}
            </svg>

            SVG;
    }

    /** @return string the element that opens an SVG of this many points */
    public static function root(string $width, string $height): string
    {
        return '<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" '
            ."width=\"{$width}pt\" height=\"{$height}pt\" viewBox=\"0 0 {$width} {$height}\">";
    }

    /** What of a scene shows in a window, without the paper and what it needs to stand alone. */
    public static function content(Scene $scene, Window $window, Outward $outward): string
    {
        $paths = array_map(self::path(...), array_filter($scene->paths, $window->showsPath(...)));
        $texts = array_map(self::text(...), array_filter($scene->texts, $window->showsText(...)));
        $areas = array_map(static fn (HitArea $area): string => self::area($area, $outward),
            array_filter($scene->areas, $window->showsArea(...)));
        $pictures = array_map(static fn (Picture $picture): string => self::picture($picture, $outward),
            array_filter($scene->pictures, $window->showsPicture(...)));

        return implode('', [...$paths, ...$pictures, ...$texts, ...$areas]);
    }

    private static function area(HitArea $area, Outward $outward): string
    {
        if ($outward->peopleAddress !== '' && $area->gesture === Gesture::Open) {
            return '<a href="'.self::escape($outward->peopleAddress.$area->personId).'">'.self::area($area,
                $outward->withoutLinks()).'</a>';
        }
        $pictures = array_map(static fn (Picture $picture): string => self::picture($picture, $outward), $area->pictures);
        $title = $area->title === '' ? '' : '<title>'.self::escape($area->title).'</title>';

        return "<g>{$title}".self::ground($area).implode('', array_map(self::rule(...), $area->rules)).implode('', $pictures)
            .implode('', array_map(self::text(...), $area->texts))."</g>\n";
    }

    /** Paper beneath a box, so that nothing that the hand laid there shows through its words. */
    private static function ground(HitArea $area): string
    {
        [$x, $y, $width, $height] = array_map(self::number(...), [$area->x, $area->y, $area->width, $area->height]);

        return $area->gesture !== Gesture::Open || $area->outline !== [] ? ''
            : "<rect x=\"{$x}\" y=\"{$y}\" width=\"{$width}\" height=\"{$height}\" fill=\"".self::PAPER.'"/>';
    }

    /** As much of the picture as fills its place, from the middle. */
    private static function picture(Picture $picture, Outward $outward): string
    {
        $address = $outward->pictures->address($picture);
        [$x, $y, $width, $height] = array_map(self::number(...), [$picture->x, $picture->y, $picture->width, $picture->height]);

        return $address === '' ? '' : "<image x=\"{$x}\" y=\"{$y}\" width=\"{$width}\" height=\"{$height}\" "
            .'preserveAspectRatio="xMidYMid slice" xlink:href="'.self::escape($address)."\"/>\n";
    }

    private static function path(Path $path): string
    {
        $points = implode(' ', array_map(static fn (array $p): string => self::number($p[0]).','.self::number($p[1]), $path->points));
        $dashes = $path->style->dashes() === [] ? '' : ' stroke-dasharray="'.self::dashes($path->style).'"';

        return "<polyline points=\"{$points}\" fill=\"none\" stroke=\"".self::colour($path->style->ink()).'" stroke-width="'
            .self::number($path->style->width())."\"{$dashes}/>\n";
    }

    private static function rule(Rule $rule): string
    {
        [$x1, $y1, $x2, $y2] = array_map(self::number(...), [$rule->fromX, $rule->fromY, $rule->toX, $rule->toY]);

        return "<line x1=\"{$x1}\" y1=\"{$y1}\" x2=\"{$x2}\" y2=\"{$y2}\" stroke=\"".self::colour($rule->style->ink())
            .'" stroke-width="'.self::number($rule->style->width()).'" stroke-dasharray="'.self::dashes($rule->style).'"/>';
    }

    public static function text(Text $text): string
    {
        $family = match ($text->style->typeface()) {
            Typeface::Serif => 'Source Serif 4, serif',
            Typeface::Sans => 'Atkinson Hyperlegible Next, sans-serif',
        };
        $anchor = $text->anchor === Anchor::Start ? '' : " text-anchor=\"{$text->anchor->value}\"";
        $anchor .= $text->turn === 0.0 ? ''
            : ' transform="rotate('.self::number($text->turn).' '.self::number($text->x).' '.self::number($text->y).')"';

        return '<text x="'.self::number($text->x).'" y="'.self::number($text->y)."\"{$anchor} font-family=\"{$family}\" font-size=\""
            .self::number($text->style->size()).'" fill="'.self::colour($text->style->ink()).'">'.self::escape($text->words).'</text>';
    }

    private static function dashes(StrokeStyle $style): string
    {
        return $style->dashes() === [] ? 'none' : implode(' ', array_map(self::number(...), $style->dashes()));
    }

    private static function colour(Ink $ink): string
    {
        return match ($ink) {
            Ink::Ink => '#1f2326',
            Ink::Graphite, Ink::Link => '#5a6167',
            Ink::Hairline => '#8b9297',
            Ink::Waiting => '#7a5200',
        };
    }

    public static function number(float $number): string
    {
        return rtrim(rtrim(number_format($number, 2, '.', ''), '0'), '.');
    }

    public static function escape(string $text): string
    {
        return htmlspecialchars($text, ENT_QUOTES | ENT_XML1 | ENT_SUBSTITUTE | ENT_DISALLOWED, 'UTF-8');
    }
}
