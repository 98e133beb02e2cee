<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing;

use NorthBough\Core\Kin\Relationship;

/** Which of the lines between two people are drawn. */
enum Paths: string
{
    case All = 'all';
    case Nearest = 'nearest';

    /**
     * @param  list<Relationship>  $relationships  nearest first
     * @return list<list<string>> ids of the people along each
     */
    public function of(array $relationships): array
    {
        $paths = array_merge(...array_map(static fn (Relationship $relationship): array => $relationship->paths, $relationships), ...[[]]);
        $shortest = $paths === [] ? 0 : min(array_map(count(...), $paths));

        return match ($this) {
            self::All => $paths,
            self::Nearest => array_values(array_filter($paths, static fn (array $path): bool => count($path) === $shortest)),
        };
    }
}
