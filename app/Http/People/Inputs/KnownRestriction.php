<?php

declare(strict_types=1);

namespace App\Http\People\Inputs;

use App\Http\Api\TakesBlanks;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use NorthBough\Core\Tree\Restriction;

/** A restriction in the standard's words, or none. */
final class KnownRestriction implements TakesBlanks, ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (is_string($value) && trim($value) !== '' && ! Restriction::isKnown($value)) {
            $fail('A restriction is confidential, privacy or locked, or several of these.');
        }
    }
}
