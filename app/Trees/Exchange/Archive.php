<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use NorthBough\Core\Gedcom\NotReadable;
use ZipArchive;

/**
 * A file that was handed in: the plain file itself, or a zip with it and its pictures (version 7, section 5: the file is
 * gedcom.ged at the top, pictures by the paths that FILE names). A name in the zip is never used as a path on disk.
 */
final readonly class Archive
{
    private const LARGEST_BYTES = 4 * 1024 ** 3;

    private const MOST_FILES = 100_000;

    /** @param  array<string, int>  $pictures place in the zip by path */
    private function __construct(public string $gedcomPath, private ?ZipArchive $zip, private array $pictures)
    {
    }

    /**
     * @param  string  $folder  where the file inside a zip is unpacked to
     *
     * @throws NotReadable when the zip is broken, or holds no such file
     */
    public static function open(string $path, string $folder): self
    {
        if (file_get_contents($path, length: 4) !== "PK\x03\x04") {
            return new self($path, null, []);
        }
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true || $zip->numFiles > self::MOST_FILES) {
            throw NotReadable::brokenZip();
        }
        [$gedcom, $pictures] = self::contents($zip);
        if ($gedcom === null) {
            throw NotReadable::nothingInZip();
        }
        $to = "{$folder}/gedcom.ged";
        self::unpack($zip, $gedcom, $to);

        return new self($to, $zip, $pictures);
    }

    /** @return list<string> paths of the pictures and other files that came with it */
    public function pictures(): array
    {
        return array_map(strval(...), array_keys($this->pictures));
    }

    public function unpackPicture(string $path, string $to): void
    {
        if ($this->zip !== null) {
            self::unpack($this->zip, $this->pictures[$path], $to);
        }
    }

    /** @return array{int|null, array<string, int>} place of the file, places of the rest by path */
    private static function contents(ZipArchive $zip): array
    {
        $files = [];
        $bytes = 0;
        for ($place = 0; $place < $zip->numFiles; $place++) {
            $entry = $zip->statIndex($place);
            $bytes += $entry['size'] ?? 0;
            if ($entry === false || $bytes > self::LARGEST_BYTES) {
                throw NotReadable::brokenZip();
            }
            if (! str_ends_with($entry['name'], '/')) {
                $files[$entry['name']] = $place;
            }
        }
        $gedcoms = array_filter($files, static fn (string $name): bool => str_ends_with(strtolower($name), '.ged'), ARRAY_FILTER_USE_KEY);
        $chosen = isset($files['gedcom.ged']) ? 'gedcom.ged' : array_key_first($gedcoms);
        if ($chosen === null) {
            return [null, []];
        }
        $gedcom = $files[$chosen];
        unset($files[$chosen]);

        return [$gedcom, $files];
    }

    private static function unpack(ZipArchive $zip, int $place, string $to): void
    {
        $from = $zip->getStreamIndex($place) ?: throw NotReadable::brokenZip();
        $file = fopen($to, 'wb') ?: throw NotReadable::brokenZip();
        stream_copy_to_stream($from, $file);
        fclose($file);
        fclose($from);
    }
}
