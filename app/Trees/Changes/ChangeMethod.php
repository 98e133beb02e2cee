<?php

declare(strict_types=1);

namespace App\Trees\Changes;

/** How a change was made: by hand, in a batch, by an import. */
enum ChangeMethod: string
{
    case Hand = 'hand';
    case Batch = 'batch';
    case Import = 'import';
    case Proposal = 'proposal';
}
