<?php

declare(strict_types=1);

namespace App\Trees\Journal;

/** A relative who was deleted and can be restored with the tie. */
final readonly class DeletedRelative
{
    /**
     * @param  string  $word  child, partner or parent
     * @param  string  $name  empty where none was told
     * @param  string  $entryId  of the deletion, by which they are restored
     */
    public function __construct(public string $word, public string $name, public string $madeAt, public string $entryId)
    {
    }
}
