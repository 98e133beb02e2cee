<?php

declare(strict_types=1);

namespace App\Trees\Drawings;

use App\Trees\Access\SeenTree;
use NorthBough\Core\Drawing\Handwork\Handwork;
use NorthBough\Core\Drawing\Handwork\Note;

/** The hand's work without the names that an audience may not see. */
final class SeenHandwork
{
    public static function by(SeenTree $seen, Handwork $handwork): Handwork
    {
        return new Handwork($seen->text($handwork->title), $handwork->moves, $handwork->hidden, $handwork->hiddenBranches,
            $handwork->brought, array_map(static fn (Note $note): Note => new Note($note->personId, $note->x, $note->y,
                $seen->text($note->words)), $handwork->notes), $handwork->pictures);
    }
}
