<?php

declare(strict_types=1);

namespace App\Demo\Drawn;

use App\Demo\DemoRecord;
use NorthBough\Core\Record\RecordKinds;

/** A printed form that a registrar filled in: a box of labelled gaps for each person that it names. */
final class Form implements Page
{
    private const WIDE = 1500;

    private const MARGIN = 100;

    private const HEAD = 340;

    private const GAP = 112;

    private const ACROSS = 3;

    public function size(DemoRecord $record): array
    {
        $tall = self::HEAD + 160;
        foreach (array_keys($record->lines) as $line) {
            $tall += $this->box($record, $line);
        }

        return [self::WIDE, max(1500, $tall)];
    }

    public function tone(): string
    {
        return '#ece5d6';
    }

    public function line(DemoRecord $record, int $line): array
    {
        $top = self::HEAD;
        for ($above = 0; $above < $line; $above++) {
            $top += $this->box($record, $above);
        }

        return [self::MARGIN, $top, self::WIDE - 2 * self::MARGIN, $this->box($record, $line)];
    }

    public function body(DemoRecord $record): string
    {
        $kind = RecordKinds::named($record->kind);
        $labels = ['name' => 'Name and surname'];
        foreach ($kind->columns as $column) {
            $labels[$column->code] = $column->label;
        }
        $middle = intdiv(self::WIDE, 2);
        $drawn = Ink::print('Registrar for Marren', $middle, 110, 34, 'text-anchor="middle"')
            .Ink::print(mb_strtoupper($kind->name), $middle, 180, 56, 'text-anchor="middle" letter-spacing="6"')
            .Ink::hand("{$record->locator}    {$record->date}", self::MARGIN, 270, 52, $record->key, 0.92);
        foreach ($record->lines as $at => $line) {
            [$x, $y, $width, $height] = $this->line($record, $at);
            $drawn .= "<rect x=\"{$x}\" y=\"{$y}\" width=\"{$width}\" height=\"{$height}\" fill=\"none\" stroke=\"#8a5a4a\" "
                .'stroke-opacity=".6" stroke-width="2"/>'
                .Ink::print($line['as'] ?? '', $x + 16, $y + 40, 30, 'font-style="italic"');
            $cells = array_values(
                array_filter($record->cells,
                    static fn (string $cell): bool => $cell !== 'as' && ($cell === 'name' || ($line[$cell] ?? '') !== '')));
            foreach ($cells as $number => $cell) {
                [$left, $top] = [$x + 230 + ($number % self::ACROSS) * 356, $y + intdiv($number, self::ACROSS) * self::GAP];
                $drawn .= Ink::print($labels[$cell] ?? $cell, $left, $top + 32, 22)
                    .Ink::hand($line[$cell] ?? '', $left, $top + 86, 46, "{$record->key}{$at}{$cell}", 0.93, 340)
                    .Ink::rule($left, $top + 98, $left + 330, $top + 98, 1);
            }
        }

        return $drawn;
    }

    private function box(DemoRecord $record, int $line): int
    {
        $filled = count(
            array_filter($record->lines[$line], static fn (string $value, string $cell): bool => $cell !== 'as' && $value !== '',
                ARRAY_FILTER_USE_BOTH));

        return 24 + self::GAP * max(1, (int) ceil($filled / self::ACROSS));
    }
}
