<?php

declare(strict_types=1);

namespace App\Trees\Evidence;

use App\Trees\Changes\Change;
use App\Trees\Changes\ChangeStep;
use App\Trees\Changes\Intent;

/** Opens, with the change itself, the questions that its contradictions ask. Undoing asks nothing. */
final readonly class OpenQuestions implements ChangeStep
{
    public function __construct(private Questions $questions)
    {
    }

    public function complete(Change $change, Intent $intent): void
    {
        if ($intent->isNew()) {
            $this->questions->look($change, $intent->how);
        }
    }
}
