<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Render;

use NorthBough\Core\Drawing\Scene\HitArea;
use NorthBough\Core\Drawing\Scene\Path;
use NorthBough\Core\Drawing\Scene\Picture;
use NorthBough\Core\Drawing\Scene\Text;
use NorthBough\Core\Drawing\TypeMeasure;

/** A part of a scene, in its units. */
final readonly class Window
{
    public function __construct(public float $left, public float $top, public float $right, public float $bottom)
    {
    }

    public function showsArea(HitArea $area): bool
    {
        $xs = [$area->x, $area->x + $area->width, ...array_column($area->outline, 0)];
        $ys = [$area->y, $area->y + $area->height, ...array_column($area->outline, 1)];

        return $this->meets(min($xs), min($ys), max($xs), max($ys));
    }

    public function showsPath(Path $path): bool
    {
        $xs = array_column($path->points, 0);
        $ys = array_column($path->points, 1);

        return $this->meets(min(INF, ...$xs), min(INF, ...$ys), max(-INF, ...$xs), max(-INF, ...$ys));
    }

    public function showsText(Text $text): bool
    {
        $around = TypeMeasure::width($text->words, $text->style->size()) + $text->style->size();

        return $this->meets($text->x - $around, $text->y - $around, $text->x + $around, $text->y + $around);
    }

    public function showsPicture(Picture $picture): bool
    {
        return $this->meets($picture->x, $picture->y, $picture->x + $picture->width, $picture->y + $picture->height);
    }

    private function meets(float $left, float $top, float $right, float $bottom): bool
    {
        return $left <= $this->right && $right >= $this->left && $top <= $this->bottom && $bottom >= $this->top;
    }
}
