<?php

declare(strict_types=1);

namespace App\Trees\Changes;

/** A change set as it is undone or redone: one step. */
final readonly class Step
{
    public function __construct(public string $id, public int $seq, private string $summary)
    {
    }

    /** Its summary without what undoing and redoing put before it, older wordings too. */
    public function words(): string
    {
        return self::without($this->summary);
    }

    public static function without(string $summary): string
    {
        return (string) preg_replace('/^(Undid|Redid|Did again): /', '', $summary);
    }
}
