<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use NorthBough\Core\Gedcom\Version;
use NorthBough\Core\Gedcom\Writing\TreeRows;
use NorthBough\Core\Gedcom\Writing\Writer;
use Throwable;

/** A tree written to disk, whole or not at all: the plain file, or a zip of it with its pictures. */
final class WriteFile
{
    /** @throws NotWritten when the path cannot be written to its end; nothing is left there then */
    public static function plain(TreeRows $rows, Version $version, string $to, \DateTimeImmutable $now): void
    {
        $file = @fopen($to, 'wb') ?: throw NotWritten::to($to);
        try {
            foreach (Writer::write($rows, $version, $now) as $bytes) {
                if (@fwrite($file, $bytes) !== strlen($bytes)) {
                    throw NotWritten::to($to);
                }
            }
            if (! @fflush($file)) {
                throw NotWritten::to($to);
            }
        } catch (Throwable $problem) {
            if (is_file($to)) {
                @unlink($to);
            }
            throw $problem;
        } finally {
            fclose($file);
        }
    }

    /**
     * @return string path of a file that the caller deletes
     *
     * @throws NotWritten
     */
    public static function spooled(TreeRows $rows, Version $version, string $treeId, \DateTimeImmutable $now, bool $isZipped): string
    {
        File::ensureDirectoryExists(storage_path('app/spool'));
        $path = storage_path('app/spool/'.Str::uuid7());
        self::plain($rows, $version, "{$path}.ged", $now);
        if (! $isZipped) {
            return "{$path}.ged";
        }
        Pictures::zip($treeId, "{$path}.ged", "{$path}.gdz");
        File::delete("{$path}.ged");

        return "{$path}.gdz";
    }
}
