<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Drawing;

use NorthBough\Core\Drawing\Scene\Box;
use NorthBough\Core\Drawing\Scene\Scene;

/** What tests of drawings ask of a scene. */
trait ReadsScenes
{
    /** @return array<string, Box> */
    private static function byPerson(Scene $scene): array
    {
        return array_column($scene->boxes, null, 'personId');
    }

    private static function assertNoOverlap(Scene $scene): void
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
