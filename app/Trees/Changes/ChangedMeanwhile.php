<?php

declare(strict_types=1);

namespace App\Trees\Changes;

use App\Models\TreeModel;
use App\Refusal;

/** Somebody else saved first. Nothing is lost: both sides go back to the page. */
final class ChangedMeanwhile extends Refusal
{
    /**
     * @param  array<string, mixed>  $yours  what was to be saved
     *
     * @throws self when the row is no longer as it was read
     */
    public static function unless(TreeModel $row, int $versionRead, array $yours): void
    {
        if ($row->version !== $versionRead) {
            $theirs = array_intersect_key($row->attributesToArray(), $yours + ['date_typed' => 0, 'place_typed' => 0]);
            throw new self('Somebody changed this while you had it open. Look at both and save again.', 409,
                ['yours' => $yours, 'theirs' => $theirs, 'version' => $row->version]);
        }
    }
}
