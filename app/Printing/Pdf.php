<?php

declare(strict_types=1);

namespace App\Printing;

use App\Refusal;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Symfony\Component\Process\Process;

/** HTML and SVG to PDF by the programs that the machine has for it, with the fonts that ship with North Bough. */
final class Pdf
{
    private const SECONDS = 120;

    public function fromHtml(string $html): string
    {
        return $this->convert($html, 'html',
            static fn (string $in, string $out): array => [config('northbough.programs.weasyprint'), '--quiet', $in, $out]);
    }

    public function fromSvg(string $svg): string
    {
        return $this->convert($svg, 'svg',
            static fn (string $in, string $out): array => [config('northbough.programs.rsvg'), '--format=pdf', '--unlimited',
                "--output={$out}", $in]);
    }

    /** @param  \Closure(string, string): list<string>  $command */
    private function convert(string $content, string $extension, \Closure $command): string
    {
        $folder = storage_path('app/printing/'.Str::uuid7());
        File::ensureDirectoryExists($folder);
        try {
            File::put("{$folder}/in.{$extension}", $content);
            $process = new Process($command("{$folder}/in.{$extension}", "{$folder}/out.pdf"), $folder, [
                'FONTCONFIG_FILE' => $this->fontConfiguration(), 'HOME' => storage_path('app'),
                'XDG_CACHE_HOME' => storage_path('app/font-cache'),
            ], timeout: self::SECONDS);
            $process->run();
            if (! File::exists("{$folder}/out.pdf")) {
                report(new \RuntimeException($process->getErrorOutput()));
                throw new Refusal('The PDF could not be made. The page itself is unharmed; the log says more.', 500);
            }

            return File::get("{$folder}/out.pdf");
        } finally {
            File::deleteDirectory($folder);
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
