<?php

declare(strict_types=1);

namespace App\Http\Api;

use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;

/** Makes an input from what was sent, checked at the door. */
trait ReadsRequest
{
    /** @throws ValidationException with a sentence a field */
    public static function from(Request $request): self
    {
        return new self(...array_filter(Door::checked($request, self::rules()), static fn (mixed $value): bool => $value !== null));
    }
}
