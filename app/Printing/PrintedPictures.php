<?php

declare(strict_types=1);

namespace App\Printing;

use App\Models\Media;
use App\Trees\Access\OpenRecords;
use App\Trees\Access\SeenTree;
use App\Trees\Pictures\CutPictures;
use NorthBough\Core\Drawing\Render\PictureSource;
use NorthBough\Core\Drawing\Scene\Picture;

/** The pictures of a drawing that leaves as a file: within it, and none that may show somebody living. */
final readonly class PrintedPictures implements PictureSource
{
    /** Points of a picture to a unit of the drawing. */
    private const POINTS_TO_A_UNIT = 3;

    public function __construct(private OpenRecords $openness)
    {
    }

    /** Those that may be seen by whoever sees the tree so: where the living are withheld, so are their pictures. */
    public static function seenIn(SeenTree $seen, OpenRecords $openness): self
    {
        return new self($seen->showsLiving() ? $openness : $openness->leaving());
    }

    public function address(Picture $picture): string
    {
        $file = Media::query()->find($picture->cut->mediaId);
        $jpeg = $file === null || ! $this->openness->isPictureOpen($file) ? ''
            : CutPictures::jpeg($file, $picture->cut, (int) (self::POINTS_TO_A_UNIT * max($picture->width, $picture->height)));

        return $jpeg === '' ? '' : 'data:image/jpeg;base64,'.base64_encode($jpeg);
    }
}
