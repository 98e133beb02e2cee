<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Boxes;

/** Boxes that the hand put over each other. The machine never does. */
final class Overlaps
{
    /**
     * @param  list<Box>  $boxes
     * @return array<string, string> by person: the full name of one whose box lies on theirs
     */
    public static function byHand(array $boxes): array
    {
        $placed = array_values(array_filter($boxes, static fn (Box $box): bool => $box->isByHand));
        $over = [];
        foreach ($placed as $at => $box) {
            foreach (array_slice($placed, $at + 1) as $other) {
                if ($box->x < $other->x + $other->width && $other->x < $box->x + $box->width
                    && $box->y < $other->y + $other->height && $other->y < $box->y + $box->height) {
                    $over[$box->personId] = $other->fullName;
                    $over[$other->personId] = $box->fullName;
                }
            }
        }

        return $over;
    }
}
