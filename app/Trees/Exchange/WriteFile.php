<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use NorthBough\Core\Gedcom\Out\GedcomWriter;
use NorthBough\Core\Gedcom\Out\TreeRows;
use NorthBough\Core\Gedcom\Version;
use Throwable;

/** A tree written to disk, whole or not at all: the plain file, or a zip of it with its pictures. */
final class WriteFile
{
    private const TELL_EVERY = 200;

    /**
     * @param  int  $records  how many there are about, for telling how far it has come
     *
     * @throws NotWritten when the path cannot be written to its end; nothing is left there then
     * @throws Cancelled
     */
    public static function plain(
        TreeRows $rows,
        Version $version,
        string $to,
        \DateTimeImmutable $now,
        Progress $progress = new SilentProgress,
        int $records = 1,
    ): WrittenFile {
        $file = @fopen($to, 'wb') ?: throw NotWritten::to($to);
        try {
            $bytesOf = GedcomWriter::write($rows, $version, $now);
            $written = 0;
            foreach ($bytesOf as $bytes) {
                if (++$written % self::TELL_EVERY === 0) {
                    $progress->report(max(0, min(99, (int) (100 * $written / max(1, $records)))), "Writing, record {$written}");
                }
                if (@fwrite($file, $bytes) !== strlen($bytes)) {
                    throw NotWritten::to($to);
                }
            }
            if (! @fflush($file)) {
                throw NotWritten::to($to);
            }

            return new WrittenFile($to, $bytesOf->getReturn());
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
     * @return WrittenFile at a path that the caller deletes
     *
     * @throws NotWritten
     * @throws Cancelled
     */
    public static function spooled(
        TreeRows $rows,
        Version $version,
        string $treeId,
        \DateTimeImmutable $now,
        bool $isZipped,
        Progress $progress = new SilentProgress,
        int $records = 1,
    ): WrittenFile {
        File::ensureDirectoryExists(storage_path('app/spool'));
        $path = storage_path('app/spool/'.Str::uuid7());
        $written = self::plain($rows, $version, "{$path}.ged", $now, $progress, $records);
        if (! $isZipped) {
            return $written;
        }
        ArchivePictures::zip($treeId, "{$path}.ged", "{$path}.gdz");
        File::delete("{$path}.ged");

        return new WrittenFile("{$path}.gdz", $written->moved);
    }
}
