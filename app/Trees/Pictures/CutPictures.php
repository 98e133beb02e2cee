<?php

declare(strict_types=1);

namespace App\Trees\Pictures;

use App\Models\Media;
use GdImage;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use NorthBough\Core\Tree\PictureCut;

/** Parts of pictures as small pictures of their own, put together out of the tiles that are there already. */
final readonly class CutPictures
{
    private const QUALITY = 84;

    /**
     * @param  int  $side  how many points its longer side should have at least, where there are so many
     * @return string a JPEG; empty where the picture cannot be looked at
     */
    public static function jpeg(Media $file, PictureCut $cut, int $side): string
    {
        $row = DB::table('previews')->where('tree_id', $file->tree_id)->where('sha256', $file->sha256)->where('state', 'ready')->first();
        $page = $row === null ? null : json_decode($row->pages, true, flags: JSON_THROW_ON_ERROR)[$cut->page] ?? null;
        if ($page === null) {
            return '';
        }
        // Each level is half as large as the next; the last is the page as it is.
        $level = $page['levels'] - 1;
        $longer = max($cut->width * $page['width'], $cut->height * $page['height']);
        for (; $level > 0 && $longer / 2 >= $side; $level--) {
            $longer /= 2;
        }
        $shrink = 2 ** ($page['levels'] - 1 - $level);
        [$left, $top, $width, $height] = [(int) ($cut->left * $page['width'] / $shrink), (int) ($cut->top * $page['height'] / $shrink),
            max(1, (int) ($cut->width * $page['width'] / $shrink)), max(1, (int) ($cut->height * $page['height'] / $shrink))];
        $image = imagecreatetruecolor($width, $height);
        for ($y = intdiv($top, Tiles::SIDE); $y * Tiles::SIDE < $top + $height; $y++) {
            for ($x = intdiv($left, Tiles::SIDE); $x * Tiles::SIDE < $left + $width; $x++) {
                $tile = self::tile($file, $cut->page, $level, $x, $y);
                $tile === null || imagecopy($image, $tile, $x * Tiles::SIDE - $left, $y * Tiles::SIDE - $top, 0, 0, imagesx($tile),
                    imagesy($tile));
            }
        }
        ob_start();
        imagejpeg($image, null, self::QUALITY);

        return (string) ob_get_clean();
    }

    private static function tile(Media $file, int $page, int $level, int $x, int $y): ?GdImage
    {
        $bytes = Storage::get(PictureFiles::tile($file->tree_id, $file->sha256, $page, $level, $x, $y));
        $tile = $bytes === null ? false : imagecreatefromstring($bytes);

        return $tile === false ? null : $tile;
    }
}
