<?php

declare(strict_types=1);

namespace App\Demo\Drawn;

use App\Demo\DemoRecord;

/** A headstone with its words. */
final class Stone implements Page
{
    public function size(DemoRecord $record): array
    {
        return [1500, 1900];
    }

    public function tone(): string
    {
        return '#a9aca9';
    }

    public function line(DemoRecord $record, int $line): ?array
    {
        return null;
    }

    public function body(DemoRecord $record): string
    {
        $drawn = '<path d="M250 1900 V620 Q250 240 750 240 Q1250 240 1250 620 V1900 Z" fill="#8b908d" stroke="#5f6461" stroke-width="10"/>';
        foreach (explode("\n", $record->words) as $at => $line) {
            $y = 560 + $at * 105;
            foreach ([['#c7cbc8', 3], ['#3f4441', 0]] as [$colour, $off]) {
                $drawn .= '<text x="'.(750 + $off).'" y="'.($y + $off)
                    ."\" text-anchor=\"middle\" font-family=\"Source Serif 4\" font-weight=\"600\" font-size=\"56\" fill=\"{$colour}\">"
                        .Ink::safe(mb_strtoupper($line)).'</text>';
            }
        }

        return $drawn;
    }
}
