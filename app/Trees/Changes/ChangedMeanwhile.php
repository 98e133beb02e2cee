<?php

declare(strict_types=1);

namespace App\Trees\Changes;

use App\Models\TreeModel;
use App\Refusal;
use Illuminate\Support\Str;

/** Somebody else saved first. Nothing is lost: both sides go back to the page, field beside field. */
final class ChangedMeanwhile extends Refusal
{
    /** What fields are called on the page where it is not their own name; the others are called by it. */
    private const WORDS = ['date' => 'When', 'place' => 'Where', 'value' => 'What it says', 'typeWords' => 'Kind',
        'denied' => 'It did not happen',
        'text' => 'The note', 'name' => 'Name', 'inside_id' => 'Lies in', 'said_dead_why' => 'Why they are dead',
        'restriction' => 'Restriction', 'is_research' => 'For research only'];

    /** Columns in which a field is kept where they are called otherwise. */
    private const COLUMNS = ['date' => 'date_typed', 'place' => 'place_typed', 'placeId' => 'place_id', 'typeWords' => 'type_words',
        'callNumber' => 'call_number'];

    /** Fields that say nothing by themselves. */
    private const UNTOLD = ['kind', 'search', 'version', 'placeId'];

    /**
     * @param  array<string, mixed>  $yours  what was to be saved
     *
     * @throws self when the row is no longer as it was read
     */
    public static function unless(TreeModel $row, int $versionRead, array $yours): void
    {
        if ($row->version !== $versionRead) {
            throw new self('Somebody changed this while you had it open. Look at both and save again, or cancel.', 409,
                ['sides' => self::sides($row, $yours), 'version' => $row->version]);
        }
    }

    /** @throws self when a row that is to go, or to be changed, is no longer as whoever asks had read it */
    public static function sinceRead(ReadVersion $read, ?TreeModel $row = null): void
    {
        if ($row !== null && $read->version !== 0 && $row->version !== $read->version) {
            throw new self('Somebody changed this while you had it open. Look at it as it is now, then do it again.', 409,
                ['version' => $row->version]);
        }
    }

    /**
     * @param  array<string, mixed>  $yours
     * @return list<array{field: string, yours: string, theirs: string}> those fields in which the two differ
     */
    private static function sides(TreeModel $row, array $yours): array
    {
        $theirs = $row->attributesToArray();
        $sides = [];
        foreach (array_diff_key($yours, array_flip(self::UNTOLD)) as $field => $mine) {
            $theirValue = $theirs[self::COLUMNS[$field] ?? $field] ?? '';
            if (is_scalar($mine) && is_scalar($theirValue) && (string) $mine !== (string) $theirValue) {
                $sides[] = ['field' => self::WORDS[$field] ?? Str::of($field)->snake(' ')->replace('_', ' ')->ucfirst()->toString(),
                    'yours' => self::worded($mine), 'theirs' => self::worded($theirValue)];
            }
        }

        return $sides;
    }

    private static function worded(bool|float|int|string $value): string
    {
        return is_bool($value) ? ($value ? 'yes' : 'no') : (string) $value;
    }
}
