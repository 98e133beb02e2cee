<?php

declare(strict_types=1);

namespace NorthBough\Core\Prose;

/** A fact that was called into a text, with the words in which it was told then. */
final readonly class FactCall implements ProsePart
{
    /**
     * @param  string  $ownerId  of the person or couple to whom the fact belongs
     * @param  string  $ofId  of whom of a couple it is told; empty for the first of them, or where it is nobody else's
     */
    public function __construct(
        public string $ownerId,
        public string $factId,
        public FactForm $form,
        public string $told,
        public string $ofId = '',
    ) {
    }

    /** What tells it from other calls of a text. */
    public function key(): string
    {
        return trim("{$this->factId} {$this->form->value} {$this->ofId}");
    }
}
