<?php

declare(strict_types=1);

namespace App\Demo;

use NorthBough\Core\Record\RecordKinds;

/** A page of a made-up book, drawn: a printed form on toned paper with a hand that filled it in; a stone; a letter. */
final class DrawnPage
{
    private const WIDE = 2400;

    private const MARGIN = 90;

    private const HEAD = 330;

    private const ROW = 96;

    private const INK = '#2b2a3a';

    public function __construct(private readonly DemoRecord $record)
    {
    }

    /**
     * Where a line stands, as shares of the page's sides; lines count from 0.
     *
     * @return array{left: float, top: float, width: float, height: float}
     */
    public function slip(int $line): array
    {
        [$width, $height] = $this->size();

        return ['left' => self::MARGIN / $width, 'top' => (self::HEAD + $line * self::ROW) / $height, 'width' => ($width - 2 * self::MARGIN) / $width, 'height' => self::ROW / $height];
    }

    public function hasLines(): bool
    {
        return in_array($this->record->picture, ['ledger', 'faded'], true);
    }

    public function svg(): string
    {
        [$width, $height] = $this->size();
        $body = match ($this->record->picture) {
            'stone' => $this->stone($width),
            'letter' => $this->letter(),
            default => $this->ledger($width, $height),
        };
        $tone = $this->record->picture === 'stone' ? '#a9aca9' : '#efe3c8';

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"{$width}\" height=\"{$height}\" viewBox=\"0 0 {$width} {$height}\">"
            .'<defs><radialGradient id="age" cx="45%" cy="40%" r="75%"><stop offset="0" stop-color="#fff" stop-opacity=".35"/><stop offset="1" stop-color="#7a5a2a" stop-opacity=".28"/></radialGradient></defs>'
            ."<rect width=\"100%\" height=\"100%\" fill=\"{$tone}\"/><rect width=\"100%\" height=\"100%\" fill=\"url(#age)\"/>{$this->stains($width, $height)}{$body}</svg>";
    }

    /** @return array{int, int} */
    private function size(): array
    {
        return $this->hasLines() ? [self::WIDE, max(1100, self::HEAD + 120 + self::ROW * max(8, count($this->record->lines) + 2))] : [1500, 1900];
    }

    private function ledger(int $width, int $height): string
    {
        $kind = RecordKinds::named($this->record->kind);
        $labels = ['name' => 'Name and surname', 'as' => 'Who'];
        $wide = ['name' => 24, 'as' => 14];
        foreach ($kind->columns as $column) {
            $labels[$column->code] = $column->label;
            $wide[$column->code] = $column->width;
        }
        $cells = array_values(array_intersect($this->record->cells, array_keys($labels)));
        $all = array_sum(array_map(static fn (string $cell): int => $wide[$cell], $cells));
        $x = self::MARGIN;
        $right = $width - self::MARGIN;
        $bottom = $height - 90;
        $drawn = self::print($kind->name.($this->record->place === '' ? '' : ' — '.$this->record->place), self::MARGIN, 110, 54)
            .self::hand(trim($this->record->locator.'   '.$this->record->date), self::MARGIN, 190, 50, $this->record->key, 0.9)
            .self::rule(self::MARGIN, self::HEAD - 90, $right, self::HEAD - 90, 3);
        foreach ($cells as $cell) {
            $across = ($right - self::MARGIN) * $wide[$cell] / $all;
            $drawn .= self::print($labels[$cell], (int) $x + 12, self::HEAD - 34, 26).self::rule((int) $x, self::HEAD - 90, (int) $x, $bottom, 2);
            foreach ($this->record->lines as $at => $line) {
                // Ink that fades to nothing, line by line and towards the gutter.
                $dark = $this->record->picture === 'faded' ? max(0.10, 0.42 - 0.32 * ($x / $width) - 0.06 * $at) : 0.93;
                $drawn .= self::hand($line[$cell] ?? '', (int) $x + 14, self::HEAD + $at * self::ROW + 64, $cell === 'name' ? 48 : 42, "{$this->record->key}{$at}{$cell}", $dark, (int) $across - 20);
            }
            $x += $across;
        }
        for ($y = self::HEAD; $y <= $bottom; $y += self::ROW) {
            $drawn .= self::rule(self::MARGIN, $y, $right, $y, 1);
        }

        return $drawn.self::rule($right, self::HEAD - 90, $right, $bottom, 2);
    }

    private function stone(int $width): string
    {
        $drawn = '<path d="M250 1900 V620 Q250 240 750 240 Q1250 240 1250 620 V1900 Z" fill="#8b908d" stroke="#5f6461" stroke-width="10"/>';
        foreach (explode("\n", $this->record->words) as $at => $line) {
            $y = 560 + $at * 105;
            $safe = htmlspecialchars(mb_strtoupper($line), ENT_XML1);
            $drawn .= '<text x="'.($width / 2 + 3).'" y="'.($y + 3)."\" text-anchor=\"middle\" font-family=\"Source Serif 4\" font-weight=\"600\" font-size=\"56\" fill=\"#c7cbc8\">{$safe}</text>"
                .'<text x="'.($width / 2)."\" y=\"{$y}\" text-anchor=\"middle\" font-family=\"Source Serif 4\" font-weight=\"600\" font-size=\"56\" fill=\"#3f4441\">{$safe}</text>";
        }

        return $drawn;
    }

    private function letter(): string
    {
        $drawn = '';
        foreach (explode("\n", $this->record->words) as $at => $line) {
            $drawn .= self::hand($line, 140, 260 + $at * 92, 58, "{$this->record->key}{$at}", 0.9);
        }

        return $drawn;
    }

    private function stains(int $width, int $height): string
    {
        $drawn = '';
        for ($at = 0; $at < 9; $at++) {
            $seed = crc32("{$this->record->key} stain {$at}");
            $drawn .= '<ellipse cx="'.($seed % $width).'" cy="'.(intdiv($seed, 7) % $height).'" rx="'.(40 + $seed % 160).'" ry="'.(30 + intdiv($seed, 3) % 120).'" fill="#8a6a35" opacity="0.05"/>';
        }

        return $drawn;
    }

    private static function print(string $text, int $x, int $y, int $size): string
    {
        return "<text x=\"{$x}\" y=\"{$y}\" font-family=\"Source Serif 4\" font-size=\"{$size}\" fill=\"#4b4436\">".htmlspecialchars($text, ENT_XML1).'</text>';
    }

    /** A word of a hand: each a little higher or lower, a little turned. What is too long for its column is written smaller. */
    private static function hand(string $text, int $x, int $y, int $size, string $seed, float $dark, int $most = 0): string
    {
        if ($text === '') {
            return '';
        }
        $jitter = crc32($seed);
        $size = $most > 0 ? min($size, (int) ($most / max(1.0, mb_strlen($text) * 0.44))) : $size;
        $y += $jitter % 9 - 4;
        $turn = ($jitter % 13 - 6) / 10;

        return "<text x=\"{$x}\" y=\"{$y}\" transform=\"rotate({$turn} {$x} {$y})\" font-family=\"La Belle Aurore\" font-size=\"{$size}\" fill=\"".self::INK."\" opacity=\"{$dark}\">".htmlspecialchars($text, ENT_XML1).'</text>';
    }

    private static function rule(int $x1, int $y1, int $x2, int $y2, int $width): string
    {
        return "<line x1=\"{$x1}\" y1=\"{$y1}\" x2=\"{$x2}\" y2=\"{$y2}\" stroke=\"#8a5a4a\" stroke-width=\"{$width}\" opacity=\"0.55\"/>";
    }
}
