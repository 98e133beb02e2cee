<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Http\Request;

/** Whether a request repeats a save that was answered with what is there already, and so is meant. */
final class ConfirmedSave
{
    public const HEADER = 'X-Save-Again';

    public static function isSaid(Request $request): bool
    {
        return $request->header(self::HEADER) === '1' || $request->input('again') === true;
    }
}
