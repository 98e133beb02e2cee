<?php

declare(strict_types=1);

/*
 * Sends a generated tree with pictures out and in and out again, zipped, in each version, and says whether the second
 * file is the third, byte for byte, and whether the pictures are the same:
 *     php bench/there-and-back.php 20000 2000
 */

use App\Trees\Exchange\ExportTree;
use App\Trees\Exchange\ImportTree;
use App\Trees\Exchange\SilentProgress;
use App\Trees\Exchange\WriteFile;
use App\Trees\Scope\CurrentTree;
use NorthBough\Core\Gedcom\Version;

require __DIR__.'/boot.php';

[$n, $pictures] = [(int) ($argv[1] ?? 2000), (int) ($argv[2] ?? 200)];
$folder = storage_path('app/spool/there-and-back');
@mkdir($folder, 0700, true);

/** A picture of one point; no two of a number are alike. */
$picture = static function (int $number): string {
    $chunk = static fn (string $type, string $data): string => pack('N', strlen($data)).$type.$data.pack('N', crc32($type.$data));

    return "\x89PNG\r\n\x1a\n".$chunk('IHDR', pack('NNCCCCC', 1, 1, 8, 2, 0, 0, 0))
        .$chunk('IDAT', (string) gzcompress("\0".substr(pack('N', $number), 1))).$chunk('IEND', '');
};

$lines = explode("\n", (string) shell_exec(PHP_BINARY.' '.escapeshellarg(__DIR__.'/generate.php')." {$n}"));
$each = max(1, intdiv($n, $pictures));
$zip = new ZipArchive;
$zip->open("{$folder}/first.gdz", ZipArchive::CREATE | ZipArchive::OVERWRITE);
$file = '';
$person = 0;
$records = '';
foreach ($lines as $line) {
    if ($line === '0 TRLR') {
        $file .= $records;
    }
    $file .= "{$line}\n";
    if (str_ends_with($line, ' INDI') && $person++ % $each === 0 && intdiv($person, $each) < $pictures) {
        $number = intdiv($person, $each) + 1;
        $file .= "1 OBJE @O{$number}@\n";
        $records .= "0 @O{$number}@ OBJE\n1 FILE media/{$number}.png\n2 FORM image/png\n";
        $zip->addFromString("media/{$number}.png", $picture($number));
    }
}
$zip->addFromString('gedcom.ged', rtrim($file, "\n")."\n");
$zip->close();

/** @return array{string, array<string, string>} the lines, and a sum of each picture */
$opened = static function (string $path): array {
    $zip = new ZipArchive;
    $zip->open($path);
    $sums = [];
    for ($at = 0; $at < $zip->numFiles; $at++) {
        $sums[(string) $zip->getNameIndex($at)] = md5((string) $zip->getFromIndex($at));
    }
    $lines = (string) $zip->getFromName('gedcom.ged');
    unset($sums['gedcom.ged']);
    ksort($sums);

    return [$lines, $sums];
};
$now = new DateTimeImmutable('2026-01-02 03:04:05');
foreach (Version::cases() as $version) {
    $path = "{$folder}/first.gdz";
    $files = [];
    foreach (['first', 'second', 'third'] as $turn) {
        $tree = benchTree("Bench {$turn} {$version->value} {$n}");
        $files[] = app(CurrentTree::class)->within($tree, static function () use ($path, $version, $tree, $now): string {
            app(ImportTree::class)->run($path, basename($path), benchUser(), new SilentProgress);

            return WriteFile::spooled(new ExportTree(app(CurrentTree::class)), $version, $tree->id, $now, true)->path;
        });
        $path = (string) end($files);
    }
    [[$first, $came], [$second, $same], [$third, $still]] = array_map($opened, $files);
    told(['there and back' => $version->value, 'people' => $n, 'bytes' => strlen($second), 'pictures' => count($came),
        'second is third' => $second === $third ? 'yes' : 'no', 'first is second' => $first === $second ? 'yes' : 'no',
        'pictures are the same' => $came === $same && $same === $still ? 'yes' : 'no']);
    array_map(unlink(...), $files);
}
unlink("{$folder}/first.gdz");
rmdir($folder);
