<?php

declare(strict_types=1);

namespace App\Trees\Changes;

/**
 * What is worked out from the tree and stored beside it, person by person or couple by couple: never journalled, always rebuildable, and
 * after any change the same as if all of it were worked out anew.
 */
interface DerivedData
{
    /** @return list<string> ids of the people, or of the couples, whose part of it a change may have made stale */
    public function affectedBy(AffectedPeople $affected): array;

    /**
     * Works the part of these out anew, and whatever follows from it.
     *
     * @param  list<string>  $ids  as affectedBy gives them
     */
    public function refresh(array $ids): void;

    /** Works all of it out anew. */
    public function rebuild(): void;
}
