<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

/** Where the rows of a file go: the folder of the spool, and of what tree, change set and import they are. */
final readonly class SpoolTarget
{
    public function __construct(public string $folder, public string $treeId, public string $changeSetId, public string $importId)
    {
    }
}
