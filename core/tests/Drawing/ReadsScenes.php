<?php

declare(strict_types=1);

namespace NorthBough\Core\Tests\Drawing;

use NorthBough\Core\Drawing\Boxes\Box;
use NorthBough\Core\Drawing\Boxes\BoxLayout;
use NorthBough\Core\Drawing\Boxes\Line;
use NorthBough\Core\Drawing\Cast\Stop;
use NorthBough\Core\Drawing\Scene\LineKind;

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
        $over = [];
        foreach ($scene->boxes as $index => $a) {
            self::assertLessThanOrEqual($scene->height, $a->y + $a->height);
            self::assertLessThanOrEqual($scene->width, $a->x + $a->width);
            foreach (array_slice($scene->boxes, $index + 1) as $b) {
                if ($a->x + $a->width > $b->x && $b->x + $b->width > $a->x && $a->y + $a->height > $b->y && $b->y + $b->height > $a->y) {
                    $over[] = "{$a->personId} and {$b->personId}";
                }
            }
        }
        self::assertSame([], $over, 'boxes overlap');
    }

    /** @return list<Line> from children to parents */
    private static function ties(BoxLayout $scene): array
    {
        return array_values(array_filter($scene->lines, static fn (Line $line): bool => $line->kind !== LineKind::Couple));
    }

    /** @return list<string> */
    private static function stops(Box $box): array
    {
        return array_map(static fn (Stop $stop): string => $stop->words(), $box->stops);
    }
}
