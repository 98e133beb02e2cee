<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Drawing;

use NorthBough\Core\Drawing\Boxes\Box;
use NorthBough\Core\Drawing\Boxes\BoxLayout;

/** What tests of drawings ask of a layout. */
trait ReadsScenes
{
    /** @return array<string, Box> */
    private static function byPerson(BoxLayout $scene): array
    {
        return array_column($scene->boxes, null, 'personId');
    }

    private static function assertNoOverlap(BoxLayout $scene): void
    {
        foreach ($scene->boxes as $index => $a) {
            self::assertLessThanOrEqual($scene->height, $a->y + $a->height);
            self::assertLessThanOrEqual($scene->width, $a->x + $a->width);
            foreach (array_slice($scene->boxes, $index + 1) as $b) {
                $apart = $a->x + $a->width <= $b->x || $b->x + $b->width <= $a->x || $a->y + $a->height <= $b->y
                    || $b->y + $b->height <= $a->y;
                self::assertTrue($apart, "{$a->personId} and {$b->personId} overlap");
            }
        }
    }
}
