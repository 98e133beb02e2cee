<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Cast;

/** In which direction a line goes on from somebody. */
enum Toward: string
{
    case Parents = 'parents';
    case Children = 'children';
    case Partners = 'partners';

    /** "2 parents", "1 child". */
    public function counted(int $count): string
    {
        return $count.' '.match ($this) {
            self::Parents => $count === 1 ? 'parent' : 'parents',
            self::Children => $count === 1 ? 'child' : 'children',
            self::Partners => $count === 1 ? 'partner' : 'partners',
        };
    }
}
