<?php

declare(strict_types=1);

namespace App\Trees\Pictures;

use App\Models\Media;
use App\Refusal;
use App\Trees\Scope\CurrentTree;
use Illuminate\Support\Facades\Storage;

/** The files themselves, behind Flysystem: kept once by their content, never altered. */
final readonly class PictureFiles
{
    /** What is taken, known by its content and not by its name. */
    private const TYPES = ['image/jpeg' => 'JPEG', 'image/png' => 'PNG', 'image/tiff' => 'TIFF', 'image/webp' => 'WebP',
        'application/pdf' => 'PDF'];

    public function __construct(private CurrentTree $current)
    {
    }

    /**
     * Takes a file in, or finds that it is here already. Called inside an open change set.
     *
     * @param  string  $path  of the uploaded file
     *
     * @throws Refusal when it is nothing that can be looked at
     */
    public function take(string $path, string $name, string $title): Media
    {
        $type = (string) mime_content_type($path);
        if (! isset(self::TYPES[$type])) {
            throw new Refusal("“{$name}” is neither ".implode(', ', array_slice(array_values(self::TYPES), 0, -1))
                .' nor PDF by its content. Nothing was kept of it.');
        }
        $sha256 = (string) hash_file('sha256', $path);
        $known = Media::query()->where('sha256', $sha256)->orderBy('id')->first();
        if ($known !== null) {
            return $known;
        }
        $place = self::place($this->current->id(), $sha256);
        if (! Storage::exists($place)) {
            $stream = fopen($path, 'rb');
            Storage::put($place, $stream === false ? '' : $stream);
        }

        return Media::query()
            ->create(['path' => 'media/'.substr($sha256, 0, 8)."-{$name}", 'title' => $title, 'sha256' => $sha256,
                'bytes' => (int) filesize($path), 'type' => $type]);
    }

    /** Where the original of this content is. */
    public static function place(string $treeId, string $sha256): string
    {
        return "media/{$treeId}/".substr($sha256, 0, 2)."/{$sha256}";
    }

    /** Where one tile of a page is. */
    public static function tile(string $treeId, string $sha256, int $page, int $level, int $x, int $y): string
    {
        return self::tiles($treeId, $sha256)."/{$page}/{$level}/{$x}_{$y}.webp";
    }

    public static function tiles(string $treeId, string $sha256): string
    {
        return "previews/{$treeId}/".substr($sha256, 0, 2)."/{$sha256}";
    }
}
