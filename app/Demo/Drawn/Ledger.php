<?php

declare(strict_types=1);

namespace App\Demo\Drawn;

use App\Demo\DemoRecord;
use NorthBough\Core\Record\RecordKinds;

/** A ruled book or schedule: printed heads, and a hand that went across and down; in fading ink where the record says so. */
final class Ledger implements Page
{
    private const WIDE = 2400;

    private const MARGIN = 90;

    private const HEAD = 330;

    private const ROW = 96;

    public function size(DemoRecord $record): array
    {
        return [self::WIDE, max(1100, self::HEAD + 120 + self::ROW * max(8, count($record->lines) + 2))];
    }

    public function tone(): string
    {
        return '#efe3c8';
    }

    public function line(DemoRecord $record, int $line): array
    {
        return [self::MARGIN, self::HEAD + $line * self::ROW, self::WIDE - 2 * self::MARGIN, self::ROW];
    }

    public function body(DemoRecord $record): string
    {
        [$width, $height] = $this->size($record);
        $kind = RecordKinds::named($record->kind);
        $labels = ['name' => 'Name and surname', 'as' => 'Who'];
        $wide = ['name' => 24, 'as' => 14];
        foreach ($kind->columns as $column) {
            $labels[$column->code] = $column->label;
            $wide[$column->code] = $column->width;
        }
        $cells = array_values(array_intersect($record->cells, array_keys($labels)));
        $all = array_sum(array_map(static fn (string $cell): int => $wide[$cell], $cells));
        $x = self::MARGIN;
        $right = $width - self::MARGIN;
        $bottom = $height - 90;
        $drawn = Ink::print($kind->name.($record->place === '' ? '' : ' — '.$record->place), self::MARGIN, 110, 54)
            .Ink::hand(trim($record->locator.'   '.$record->date), self::MARGIN, 190, 50, $record->key, 0.9)
            .Ink::rule(self::MARGIN, self::HEAD - 90, $right, self::HEAD - 90, 3);
        foreach ($cells as $cell) {
            $across = ($right - self::MARGIN) * $wide[$cell] / $all;
            $drawn .= Ink::print($labels[$cell], (int) $x + 12, self::HEAD - 34,
                (int) min(26, ($across - 16) / (mb_strlen($labels[$cell]) * 0.56)))
                    .Ink::rule((int) $x, self::HEAD - 90, (int) $x, $bottom, 2);
            foreach ($record->lines as $at => $line) {
                // Ink that fades to nothing, line by line and towards the gutter.
                $dark = $record->picture === 'faded' ? max(0.10, 0.42 - 0.32 * ($x / $width) - 0.06 * $at) : 0.93;
                $drawn .= Ink::hand($line[$cell] ?? '', (int) $x + 14, self::HEAD + $at * self::ROW + 64, $cell === 'name' ? 48 : 42,
                    "{$record->key}{$at}{$cell}", $dark, (int) $across - 20);
            }
            $x += $across;
        }
        for ($y = self::HEAD; $y <= $bottom; $y += self::ROW) {
            $drawn .= Ink::rule(self::MARGIN, $y, $right, $y, 1);
        }

        return $drawn.Ink::rule($right, self::HEAD - 90, $right, $bottom, 2);
    }
}
