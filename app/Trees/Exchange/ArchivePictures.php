<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Trees\Pictures\PictureFiles;
use App\Trees\Storage\CopyRows;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use ZipArchive;

/** The pictures that came with a file: kept once by their content, told by the path that the file has for them, and put back into a zip. */
final class ArchivePictures
{
    /** @return int how many came in */
    public static function take(Archive $archive, string $treeId, string $changeSetId, string $folder): int
    {
        $rows = [];
        foreach ($archive->pictures() as $path) {
            $archive->unpackPicture($path, $from = "{$folder}/picture");
            $sha256 = (string) hash_file('sha256', $from);
            $place = PictureFiles::place($treeId, $sha256);
            if (! Storage::exists($place)) {
                $stream = fopen($from, 'rb');
                Storage::put($place, $stream === false ? '' : $stream);
            }
            $rows[] = ['tree_id' => $treeId, 'id' => (string) Str::uuid7(), 'made_by' => $changeSetId, 'path' => $path, 'sha256' => $sha256,
                'bytes' => (int) filesize($from), 'type' => (string) mime_content_type($from)];
            @unlink($from);
        }
        if ($rows !== []) {
            CopyRows::into('media', $rows);
        }

        return count($rows);
    }

    /**
     * @param  string  $gedcom path of the file that is written; only pictures that it names go with it
     *
     * @throws NotWritten
     */
    public static function zip(string $treeId, string $gedcom, string $to): int
    {
        $named = [];
        foreach (file($gedcom) ?: [] as $line) {
            if (preg_match('/^\d+ FILE (.+?)\s*$/', $line, $m) === 1) {
                $named[$m[1]] = true;
            }
        }
        $zip = new ZipArchive;
        if ($zip->open($to, ZipArchive::CREATE | ZipArchive::OVERWRITE) !== true) {
            throw NotWritten::to($to);
        }
        $zip->addFile($gedcom, 'gedcom.ged');
        $count = 0;
        foreach (DB::table('media')->where('tree_id', $treeId)->orderBy('id')->cursor() as $row) {
            if (isset($named[$row->path]) && Storage::exists(PictureFiles::place($treeId, $row->sha256))) {
                $zip->addFile(Storage::path(PictureFiles::place($treeId, $row->sha256)), $row->path);
                $count++;
            }
        }
        if (! $zip->close()) {
            throw NotWritten::to($to);
        }

        return $count;
    }

    /** Puts the pictures of one tree beside another, once each. */
    public static function copy(string $from, string $into): void
    {
        foreach (DB::table('media')->where('tree_id', $from)->distinct()->orderBy('sha256')->pluck('sha256') as $sha256) {
            if (Storage::exists(PictureFiles::place($from, $sha256)) && ! Storage::exists(PictureFiles::place($into, $sha256))) {
                Storage::copy(PictureFiles::place($from, $sha256), PictureFiles::place($into, $sha256));
            }
        }
    }
}
