<?php

declare(strict_types=1);

/*
 * Draws the pages of the demo's records and its other pictures anew: php demo/draw.php [key …]. Needs the faces that the build puts into
 * public/fonts, rsvg-convert and vips.
 */

use App\Demo\DemoPicture;
use App\Demo\DemoRecord;
use App\Demo\Drawn\DrawnPage;
use App\Demo\Drawn\DrawnPicture;

require __DIR__.'/../vendor/autoload.php';

$work = sys_get_temp_dir().'/drawn-'.getmypid();
mkdir($work);
$fonts = realpath(__DIR__.'/../public/fonts');
file_put_contents("{$work}/fonts.conf",
    "<?xml version=\"1.0\"?>\n<!DOCTYPE fontconfig SYSTEM \"fonts.dtd\">\n<fontconfig>\n<dir>{$fonts}</dir>\n"
        ."<cachedir>{$work}/cache</cachedir>\n</fontconfig>\n");
putenv("FONTCONFIG_FILE={$work}/fonts.conf");
$sheets = [];
foreach (glob(__DIR__.'/records/*.txt') ?: [] as $file) {
    foreach (DemoRecord::all($file) as $record) {
        if ($record->picture !== '') {
            $sheets[$record->key] = static fn (): string => (new DrawnPage($record))->svg();
        }
    }
}
foreach (DemoPicture::all(__DIR__.'/pictures.txt') as $picture) {
    $sheets[$picture->key] = static fn (): string => (new DrawnPicture($picture))->svg();
}
foreach ($argc > 1 ? array_intersect_key($sheets, array_flip($argv)) : $sheets as $key => $svg) {
    file_put_contents("{$work}/page.svg", $svg());
    passthru('rsvg-convert '.escapeshellarg("{$work}/page.svg").' -o '.escapeshellarg("{$work}/page.png"), $failed);
    $failed === 0 && passthru('vips copy '.escapeshellarg("{$work}/page.png").' '
        .escapeshellarg(__DIR__."/pictures/{$key}.webp[Q=78,strip=true]"), $failed);
    echo $key, $failed === 0 ? '' : ': not drawn', "\n";
}
array_map(unlink(...), glob("{$work}/*.*") ?: []);
