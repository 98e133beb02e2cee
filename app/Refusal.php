<?php

declare(strict_types=1);

namespace App;

use RuntimeException;

/** Something that was asked and is not done. The message tells the person what is wrong and what to do. */
class Refusal extends RuntimeException
{
    /** @param  array<string, mixed>  $details for the page, such as both sides of a conflict */
    final public function __construct(string $message, public readonly int $status = 422, public readonly array $details = [])
    {
        parent::__construct($message);
    }
}
