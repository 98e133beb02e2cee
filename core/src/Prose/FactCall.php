<?php

declare(strict_types=1);

namespace NorthBough\Core\Prose;

/** A fact that was called into a text, with the words in which it was told then. */
final readonly class FactCall implements ProsePart
{
    /** @param  string  $ownerId  of the person or couple to whom the fact belongs */
    public function __construct(public string $ownerId, public string $factId, public FactForm $form, public string $told)
    {
    }
}
