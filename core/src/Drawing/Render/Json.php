<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Render;

use NorthBough\Core\Drawing\Cast\Stop;
use NorthBough\Core\Drawing\Scene\HitArea;
use NorthBough\Core\Drawing\Scene\LineKind;
use NorthBough\Core\Drawing\Scene\Path;
use NorthBough\Core\Drawing\Scene\Scene;
use NorthBough\Core\Drawing\Scene\Text;

/** A scene as data, for whoever wants to measure it or draw it with something else. */
final class Json
{
    /** @param  array<string, string>  $refs  by person: their pointer in the file they came from */
    public static function render(Scene $scene, array $refs = []): string
    {
        return json_encode([
            'title' => $scene->title,
            'boxes' => array_map(static fn (HitArea $area): array => [
                'person' => $area->personId, 'ref' => $refs[$area->personId] ?? '', 'x' => self::number($area->x),
                'y' => self::number($area->y),
                'w' => self::number($area->width), 'h' => self::number($area->height),
                'words' => array_map(static fn (Text $text): string => $text->words, $area->texts),
            ], $scene->people()),
            'lines' => array_map(static fn (Path $path): array => [
                'kind' => $path->kind->value, 'unproved' => $path->isUnproved(),
                'points' => array_map(static fn (array $point): array => array_map(self::number(...), $point), $path->points),
                'people' => $path->personIds,
            ], array_values(array_filter($scene->paths, static fn (Path $path): bool => $path->kind !== LineKind::Axis))),
            'left_out' => array_map(static fn (Stop $stop): array => [
                'at' => $stop->personId, 'count' => $stop->count, 'why' => "{$stop->toward->value}: {$stop->why->value}",
            ], $scene->stops),
            'width' => self::number($scene->width),
            'height' => self::number($scene->height),
        ], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT)."\n";
    }

    private static function number(float $number): float
    {
        return round($number, 2);
    }
}
