<?php

declare(strict_types=1);

namespace App\Trees\Exchange;

use App\Refusal;

/** Much of the file is in the tree already; whoever brings it in is asked first. */
final class AlreadyImported extends Refusal
{
}
