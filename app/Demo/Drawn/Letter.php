<?php

declare(strict_types=1);

namespace App\Demo\Drawn;

use App\Demo\DemoRecord;

/** A sheet in one hand: a letter, a will, a leaf of minutes. */
final class Letter implements Page
{
    public function size(DemoRecord $record): array
    {
        return [1500, 1900];
    }

    public function tone(): string
    {
        return '#efe3c8';
    }

    public function line(DemoRecord $record, int $line): ?array
    {
        return null;
    }

    public function body(DemoRecord $record): string
    {
        $drawn = '';
        foreach (explode("\n", $record->words) as $at => $line) {
            $drawn .= Ink::hand($line, 140, 260 + $at * 92, 58, "{$record->key}{$at}", 0.9);
        }

        return $drawn;
    }
}
