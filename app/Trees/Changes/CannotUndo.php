<?php

declare(strict_types=1);

namespace App\Trees\Changes;

use App\Refusal;

final class CannotUndo extends Refusal
{
    public static function notThere(): self
    {
        return new self('There is no such change in this tree.', 404);
    }

    public static function already(string $summary): self
    {
        return new self("“{$summary}” was undone already.", 409);
    }

    public static function changedSince(string $table, string $field = ''): self
    {
        $thing = AuthoredTables::word($table).($field === '' ? '' : ' ('.str_replace('_', ' ', $field).')');

        return new self("It was not undone: {$thing} has been changed since. Undo the later change first.", 409);
    }

    public static function broughtInFromItsFile(): self
    {
        return new self('An import that was undone is not in the journal line by line. Bring its file in again.', 409);
    }

    public static function gone(string $table): self
    {
        return new self('It was not undone: '.AuthoredTables::word($table).' has been deleted since. Restore that first.', 409);
    }

    public static function needed(string $summary): self
    {
        return new self("It was not undone: something made later rests on “{$summary}”. Undo the later change first.", 409);
    }
}
