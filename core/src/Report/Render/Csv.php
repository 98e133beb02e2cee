<?php

declare(strict_types=1);

namespace NorthBough\Core\Report\Render;

use NorthBough\Core\Report\PersonRef;
use NorthBough\Core\Report\Sheet;

/** Rows as comma-separated values: RFC 4180, in UTF-8, lines ended by CR LF. */
final class Csv
{
    /**
     * @param  list<Sheet>  $sheets  with an empty line between them
     * @param  array<string, string>  $refs  pointers by person; whoever has none is left empty
     */
    public static function render(array $sheets, array $refs): string
    {
        return implode("\r\n", array_map(static fn (Sheet $sheet): string => self::sheet($sheet, $refs), $sheets));
    }

    /** @param  array<string, string>  $refs */
    private static function sheet(Sheet $sheet, array $refs): string
    {
        $lines = [self::line($sheet->heads)];
        foreach ($sheet->rows as $row) {
            $lines[] = self::line(array_map(
                static fn (string|PersonRef $cell): string => $cell instanceof PersonRef ? $refs[$cell->personId] ?? '' : self::safe($cell),
                $row));
        }

        return implode('', $lines);
    }

    /** @param  list<string>  $cells */
    private static function line(array $cells): string
    {
        return implode(',', array_map(self::cell(...), $cells))."\r\n";
    }

    /** What a spreadsheet would take for a formula is kept as words by the sign that it hides. */
    private static function safe(string $cell): string
    {
        return preg_match('/^[=+\-@\t\r](?![\d.]+$)/', $cell) === 1 ? "'{$cell}" : $cell;
    }

    private static function cell(string $cell): string
    {
        return preg_match('/[",\r\n]/', $cell) === 1 || trim($cell) !== $cell ? '"'.str_replace('"', '""', $cell).'"' : $cell;
    }
}
