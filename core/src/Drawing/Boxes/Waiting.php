<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Boxes;

use NorthBough\Core\Tree\ParentSet;
use NorthBough\Core\Tree\PersonAside;
use NorthBough\Core\Tree\Placing;
use NorthBough\Core\Tree\PlacingState;

/** What waits for somebody to decide it, in the words of a box. */
final class Waiting
{
    /**
     * @param  list<Placing>  $placings
     * @param  list<ParentSet>  $sets  of which somebody stands
     * @return string "2 questions · 1 name unplaced · 2 sets of parents"; empty where nothing waits
     */
    public static function words(?PersonAside $aside, array $placings, array $sets): string
    {
        $names = count(array_filter($placings, static fn (Placing $placing): bool => $placing->state === PlacingState::Probable
            || $placing->state === PlacingState::Alternative));

        return implode(' · ', array_filter([
            self::counted($aside->openQuestions ?? 0, 'question', 'questions'),
            self::counted($names, 'name unplaced', 'names unplaced'),
            count($sets) > 1 ? count($sets).' sets of parents' : '',
        ], static fn (string $words): bool => $words !== ''));
    }

    private static function counted(int $count, string $one, string $many): string
    {
        return match ($count) {
            0 => '',
            1 => "1 {$one}",
            default => "{$count} {$many}",
        };
    }
}
