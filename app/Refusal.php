<?php

declare(strict_types=1);

namespace App;

use RuntimeException;

/** Something that was asked and is not done. The message tells the person what is wrong and what to do. */
class Refusal extends RuntimeException
{
    public const NOT_HERE = 'That is not here: it was deleted, or the address is mistyped.';

    /** @param  array<string, mixed>  $details for the page, such as both sides of a conflict */
    final public function __construct(string $message, public readonly int $status = 422, public readonly array $details = [])
    {
        parent::__construct($message);
    }
}
