<?php

declare(strict_types=1);

namespace App\Printing;

use App\Refusal;
use App\Trees\Exchange\Cancelled;
use App\Trees\Exchange\Progress;
use App\Trees\Exchange\SilentProgress;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Symfony\Component\Process\Process;

/** Runs the programs that make a file of another, with the fonts that ship with North Bough. */
final class Converter
{
    /** While somebody waits, and in the queue. */
    private const SECONDS = 120;

    private const SECONDS_IN_QUEUE = 6000;

    private const LOOKED_AFTER_MICROSECONDS = 20000;

    public function __construct(private readonly Progress $progress = new SilentProgress)
    {
    }

    /**
     * @param  string|non-empty-list<string>  $contents  of one file, or of several that become one
     * @param  string  $from  ending of the names of what is converted
     * @param  string  $to  ending of the name of what it becomes
     * @param  \Closure(list<string>, string): list<string>  $command  of the paths that are read, and of the one that is written
     *
     * @throws Refusal when the program makes nothing
     * @throws Cancelled where it is not wanted any more
     */
    public function convert(string|array $contents, string $from, string $to, \Closure $command): string
    {
        $folder = storage_path('app/printing/'.Str::uuid7());
        File::ensureDirectoryExists($folder);
        try {
            $paths = [];
            foreach ((array) $contents as $at => $content) {
                File::put($paths[] = "{$folder}/in{$at}.{$from}", $content);
            }
            $process = new Process($command($paths, "{$folder}/out.{$to}"), $folder, [
                'FONTCONFIG_FILE' => $this->fontConfiguration(), 'HOME' => storage_path('app'),
                'XDG_CACHE_HOME' => storage_path('app/font-cache'),
            ], timeout: $this->progress instanceof SilentProgress ? self::SECONDS : self::SECONDS_IN_QUEUE);
            $this->watch($process);
            if (! File::exists("{$folder}/out.{$to}")) {
                report(new \RuntimeException($process->getErrorOutput()));
                throw new Refusal('The '.strtoupper($to).' could not be made. The page itself is unharmed; the log says more.', 500);
            }

            return File::get("{$folder}/out.{$to}");
        } finally {
            File::deleteDirectory($folder);
        }
    }

    private function watch(Process $process): void
    {
        $process->start();
        $began = microtime(true);
        try {
            while ($process->isRunning()) {
                usleep(self::LOOKED_AFTER_MICROSECONDS);
                $process->checkTimeout();
                $this->progress->report(60, 'It is being set in pages, for '.(int) (microtime(true) - $began).' seconds so far');
            }
        } finally {
            $process->stop(0);
        }
    }

    private function fontConfiguration(): string
    {
        $path = storage_path('app/fonts.conf');
        if (! File::exists($path)) {
            $fonts = htmlspecialchars(base_path('public/fonts'), ENT_XML1);
            $cache = htmlspecialchars(storage_path('app/font-cache'), ENT_XML1);
            File::put($path,
                "<?xml version=\"1.0\"?>\n<!DOCTYPE fontconfig SYSTEM \"fonts.dtd\">\n<fontconfig>\n<dir>{$fonts}</dir>\n"
                    ."<dir>/usr/share/fonts</dir>\n<cachedir>{$cache}</cachedir>\n</fontconfig>\n");
        }

        return $path;
    }
}
