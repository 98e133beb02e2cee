<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use Illuminate\Support\Facades\DB;
use NorthBough\Core\Gedcom\In\FileNames;

/** Which of the files that a tree names came with it: pictures found, and those that are missing. */
final class ReferencedFiles
{
    /** So many that did not come are listed; all are counted. */
    private const LISTED = 1000;

    /**
     * @param  list<string>  $taken  paths of pictures that were put on people, facts and records
     * @return array{found: int, missing: list<string>, missingCount: int}
     */
    public static function ofImport(string $treeId, string $importId, FileNames $came, array $taken): array
    {
        $found = array_fill_keys($taken, true);
        $missing = [];
        $rows = DB::table('kept')->where('tree_id', $treeId)->where('import_id', $importId)->whereRaw("lines ~ '(^|\\n)\\d+ FILE '")
            ->orderBy('id')->lazy(2000);
        foreach ($rows as $row) {
            foreach (self::in($row->lines) as $named) {
                $path = $came->meant($named);
                if ($path !== '') {
                    $found[$path] = true;
                } elseif (preg_match('/^https?:/i', $named) !== 1) {
                    $missing[$named] = true;
                }
            }
        }

        return ['found' => count($found), 'missing' => array_map(strval(...), array_slice(array_keys($missing), 0, self::LISTED)),
            'missingCount' => count($missing)];
    }

    /** @return list<string> what FILE lines name */
    public static function in(string $lines): array
    {
        return preg_match_all('/^\d+ FILE (.+)$/m', $lines, $m) > 0 ? $m[1] : [];
    }
}
