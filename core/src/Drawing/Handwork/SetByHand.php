<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Handwork;

use NorthBough\Core\Drawing\Scene\Picture;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Drawing\Scene\Text;
use NorthBough\Core\Drawing\Scene\TextStyle;
use NorthBough\Core\Drawing\TypeMeasure;
use NorthBough\Core\Tree\PictureCut;

/** Sets the notes and pictures of the hand on a scene, each beside the person it belongs to; those of nobody drawn wait. */
final class SetByHand
{
    private const ROOM = 220.0;

    private const LEADING = 16.0;

    private const MARGIN = 24.0;

    /** Notes longer than this are cut on the drawing. */
    private const MOST_LINES = 12;

    public static function on(Scene $scene, Handwork $handwork): Scene
    {
        $corners = [];
        foreach ($scene->people() as $area) {
            $corners[$area->personId] ??= [$area->x, $area->y];
        }
        $texts = $pictures = [];
        [$right, $bottom] = [0.0, 0.0];
        foreach ($handwork->notes as $note) {
            if (isset($corners[$note->personId])) {
                [$x, $y] = [$corners[$note->personId][0] + $note->x, $corners[$note->personId][1] + $note->y];
                foreach (self::lines($note->words) as $at => $line) {
                    $texts[] = new Text($x, $y + ($at + 1) * self::LEADING, $line, TextStyle::Note);
                    $right = max($right, $x + TypeMeasure::width($line, TextStyle::Note->size()));
                    $bottom = max($bottom, $y + ($at + 2) * self::LEADING);
                }
            }
        }
        foreach ($handwork->pictures as $picture) {
            if (isset($corners[$picture->personId])) {
                [$x, $y] = [$corners[$picture->personId][0] + $picture->x, $corners[$picture->personId][1] + $picture->y];
                $pictures[] = new Picture($x, $y, $picture->width, $picture->height, new PictureCut($picture->mediaId),
                    $picture->personId);
                [$right, $bottom] = [max($right, $x + $picture->width), max($bottom, $y + $picture->height)];
            }
        }

        return $texts === [] && $pictures === [] ? $scene
            : $scene->with($texts, $pictures, $right + self::MARGIN, $bottom + 2 * self::MARGIN);
    }

    /** @return list<string> */
    private static function lines(string $words): array
    {
        $lines = [];
        foreach (explode("\n", $words) as $paragraph) {
            array_push($lines, ...TypeMeasure::broken(trim($paragraph), TextStyle::Note->size(), self::ROOM, self::MOST_LINES));
        }

        return array_slice($lines, 0, self::MOST_LINES);
    }
}
