<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use NorthBough\Core\Gedcom\Version;
use NorthBough\Core\Gedcom\Writing\TreeRows;
use NorthBough\Core\Gedcom\Writing\Writer;
use RuntimeException;

/** A tree written to disk: the plain file, or a zip of it with its pictures. */
final class WriteFile
{
    /** @throws RuntimeException when the path cannot be written */
    public static function plain(TreeRows $rows, Version $version, string $to, \DateTimeImmutable $now): void
    {
        $file = @fopen($to, 'wb') ?: throw new RuntimeException("{$to} cannot be written.");
        foreach (Writer::write($rows, $version, $now) as $bytes) {
            fwrite($file, $bytes);
        }
        fclose($file);
    }

    /** @return string path of a file that the caller deletes */
    public static function zipped(TreeRows $rows, Version $version, string $treeId, \DateTimeImmutable $now): string
    {
        File::ensureDirectoryExists(storage_path('app/spool'));
        $path = storage_path('app/spool/'.Str::uuid7());
        self::plain($rows, $version, "{$path}.ged", $now);
        Pictures::zip($treeId, "{$path}.ged", "{$path}.gdz");
        File::delete("{$path}.ged");

        return "{$path}.gdz";
    }
}
