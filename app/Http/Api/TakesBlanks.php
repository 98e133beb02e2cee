<?php

declare(strict_types=1);

namespace App\Http\Api;

/** A rule of words of which there may be none: a field that was emptied means so. */
interface TakesBlanks
{
}
