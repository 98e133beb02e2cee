<?php

declare(strict_types=1);

namespace App\Demo\Drawn;

use App\Demo\DemoRecord;

/** A cutting from a newspaper: its first line is the head, the rest the column. */
final class Clipping implements Page
{
    public function size(DemoRecord $record): array
    {
        return [1000, 340 + 62 * count(explode("\n", $record->words))];
    }

    public function tone(): string
    {
        return '#d9d4c6';
    }

    public function line(DemoRecord $record, int $line): ?array
    {
        return null;
    }

    public function body(DemoRecord $record): string
    {
        [$width, $height] = $this->size($record);
        $bottom = $height - 50;
        $drawn = '<path d="M60 70 L420 52 L'.($width - 70).' 64 L'.($width - 56)." {$bottom} L520 ".($height - 34)
            ." L70 {$bottom} Z\" fill=\"#ece8dc\" stroke=\"#b9b2a0\" stroke-width=\"2\"/>";
        foreach (explode("\n", $record->words) as $at => $line) {
            $drawn .= $at === 0
                ? Ink::print($line, intdiv($width, 2), 180, 46, 'text-anchor="middle" font-weight="600"')
                .Ink::rule(intdiv($width, 2) - 90, 216, intdiv($width, 2) + 90, 216, 2)
                : Ink::print($line, 120, 230 + $at * 62, 35);
        }

        return $drawn;
    }
}
