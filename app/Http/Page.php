<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Response;
use Illuminate\Support\Facades\File;

/** The one page: everything else comes through the API. */
final class Page
{
    public function __invoke(): Response
    {
        $path = public_path('build/.vite/manifest.json');
        if (! File::exists($path)) {
            return response('The page has not been built yet: run ./start, or npm run build.', 503);
        }
        /** @var array<string, array{file: string, css?: list<string>}> $manifest */
        $manifest = json_decode(File::get($path), true, flags: JSON_THROW_ON_ERROR);
        $entry = $manifest['web/main.tsx'];
        $styles = implode('',
            array_map(static fn (string $css): string => "<link rel=\"stylesheet\" href=\"/build/{$css}\">", $entry['css'] ?? []));

        return response("<!doctype html>\n<html lang=\"en\">\n<head>\n<meta charset=\"utf-8\">\n"
            ."<meta name=\"viewport\" content=\"width=device-width, initial-scale=1\">\n<title>North Bough</title>\n"
            ."<link rel=\"icon\" href=\"/mark.svg\" type=\"image/svg+xml\">\n{$styles}\n</head>\n"
            ."<body><div id=\"root\"></div><script type=\"module\" src=\"/build/{$entry['file']}\"></script></body>\n</html>\n");
    }
}
