<?php

declare(strict_types=1);

namespace App\Trees\Pictures;

use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Process;
use Illuminate\Support\Facades\Storage;
use RuntimeException;

/** Cuts a file into pages and each page into tiles of several sizes, by programs that read a picture a strip at a time. */
final readonly class Tiles
{
    public const SIDE = 512;

    private const MOST_PAGES = 300;

    private const SECONDS = 900;

    /** Dots an inch at which the pages of a PDF are drawn. */
    private const DOTS = 200;

    /**
     * @return list<array{width: int, height: int, levels: int}> its pages, as they were cut
     *
     * @throws RuntimeException when the file cannot be read as what it says it is
     */
    public static function cut(string $treeId, string $sha256, string $type): array
    {
        $work = storage_path('app/tiles-'.substr($sha256, 0, 16).'-'.getmypid());
        File::ensureDirectoryExists($work);
        try {
            $original = "{$work}/original";
            File::put($original, '');
            $from = Storage::readStream(PictureFiles::place($treeId, $sha256));
            $to = fopen($original, 'wb') ?: throw new RuntimeException('No room to work in.');
            stream_copy_to_stream($from ?? throw new RuntimeException('The original is not there.'), $to);
            fclose($to);
            $pages = [];
            foreach (self::pages($original, $type, $work) as $number => $page) {
                self::run([config('northbough.programs.vips'), 'dzsave', $page, "{$work}/cut", '--tile-size', (string) self::SIDE,
                    '--overlap', '0', '--depth', 'onetile', '--suffix', '.webp[Q=82]']);
                $pages[] = self::store($treeId, $sha256, $number, $work);
                File::deleteDirectory("{$work}/cut_files");
            }

            return $pages;
        } finally {
            File::deleteDirectory($work);
        }
    }

    /** @return list<string> what the tile cutter is to open, page by page */
    private static function pages(string $original, string $type, string $work): array
    {
        if ($type === 'application/pdf') {
            self::run([config('northbough.programs.pdftoppm'), '-png', '-r', (string) self::DOTS, '-l', (string) self::MOST_PAGES,
                $original, "{$work}/page"]);
            $pages = glob("{$work}/page*.png") ?: [];
            natsort($pages);

            return array_values($pages);
        }
        if ($type === 'image/tiff') {
            $count = max(1,
                min(self::MOST_PAGES,
                    (int) trim(self::run([config('northbough.programs.vipsheader'), '-f', 'n-pages', $original], mayFail: true))));

            return array_map(static fn (int $page): string => "{$original}[page={$page}]", range(0, $count - 1));
        }

        return [$type === 'image/jpeg' ? "{$original}[autorotate=true]" : $original];
    }

    /** @return array{width: int, height: int, levels: int} */
    private static function store(string $treeId, string $sha256, int $page, string $work): array
    {
        $description = File::get("{$work}/cut.dzi");
        preg_match('/Height="(\d+)"/', $description, $height);
        preg_match('/Width="(\d+)"/', $description, $width);
        $levels = glob("{$work}/cut_files/*", GLOB_ONLYDIR) ?: [];
        foreach ($levels as $level) {
            foreach (glob("{$level}/*.webp") ?: [] as $tile) {
                [$x, $y] = array_map(intval(...), explode('_', basename($tile, '.webp')));
                Storage::put(PictureFiles::tile($treeId, $sha256, $page, (int) basename($level), $x, $y), File::get($tile));
            }
        }

        return ['width' => (int) ($width[1] ?? 0), 'height' => (int) ($height[1] ?? 0), 'levels' => count($levels)];
    }

    /** @param  list<string>  $command */
    private static function run(array $command, bool $mayFail = false): string
    {
        $done = Process::timeout(self::SECONDS)->env(['VIPS_CONCURRENCY' => '1'])->run(['prlimit', '--as='.(4 * 1024 ** 3), ...$command]);
        if (! $done->successful() && ! $mayFail) {
            throw new RuntimeException(trim($done->errorOutput()) ?: 'It could not be read.');
        }

        return $done->output();
    }
}
