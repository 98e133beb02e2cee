<?php

declare(strict_types=1);

namespace App\Trees\Changes;

use App\Refusal;

final class TreeIsBusy extends Refusal
{
    public static function with(string $work): self
    {
        return new self("{$work}. This tree can be read meanwhile; changes wait until it is done.", 423);
    }
}
