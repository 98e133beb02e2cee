<?php

declare(strict_types=1);

namespace NorthBough\Core\Drawing\Handwork;

use NorthBough\Core\Drawing\Cast\Toward;

/** The hand's work as it is stored and sent: plain lists. What cannot be understood is left out when it is read. */
final class StoredHandwork
{
    /** Nothing stands further away than this, in units of a scene. */
    public const FURTHEST = 100000.0;

    /**
     * @return array{title: string, moves: list<array{personId: string, x: float, y: float}>, hidden: list<string>,
     *     hiddenBranches: list<string>, brought: list<array{personId: string, toward: string}>,
     *     notes: list<array{personId: string, x: float, y: float, words: string}>,
     *     pictures: list<array{personId: string, x: float, y: float, width: float, height: float, mediaId: string}>}
     */
    public static function written(Handwork $handwork): array
    {
        $moves = [];
        foreach ($handwork->moves as $personId => $move) {
            $moves[] = ['personId' => (string) $personId, 'x' => $move->x, 'y' => $move->y];
        }

        return [
            'title' => $handwork->title,
            'moves' => $moves,
            'hidden' => $handwork->hidden,
            'hiddenBranches' => $handwork->hiddenBranches,
            'brought' => array_map(static fn (Brought $brought): array => ['personId' => $brought->personId,
                'toward' => $brought->toward->value], $handwork->brought),
            'notes' => array_map(static fn (Note $note): array => ['personId' => $note->personId, 'x' => $note->x, 'y' => $note->y,
                'words' => $note->words], $handwork->notes),
            'pictures' => array_map(static fn (SetPicture $picture): array => ['personId' => $picture->personId, 'x' => $picture->x,
                'y' => $picture->y, 'width' => $picture->width, 'height' => $picture->height, 'mediaId' => $picture->mediaId],
                $handwork->pictures),
        ];
    }

    /**
     * @param  array<array-key, mixed>  $stored
     * @param  \Closure(string): string  $today  the id somebody has now, who may have been joined to another since
     */
    public static function read(array $stored, \Closure $today): Handwork
    {
        $moves = $brought = $notes = $pictures = [];
        foreach (self::rows($stored, 'moves') as $row) {
            $moves[$today(self::word($row, 'personId'))] = new Move(self::number($row, 'x'), self::number($row, 'y'));
        }
        foreach (self::rows($stored, 'brought') as $row) {
            $toward = Toward::tryFrom(self::word($row, 'toward'));
            if ($toward !== null) {
                $brought[] = new Brought($today(self::word($row, 'personId')), $toward);
            }
        }
        foreach (self::rows($stored, 'notes') as $row) {
            $notes[] = new Note($today(self::word($row, 'personId')), self::number($row, 'x'), self::number($row, 'y'), self::word($row,
                'words'));
        }
        foreach (self::rows($stored, 'pictures') as $row) {
            $pictures[] = new SetPicture($today(self::word($row, 'personId')), self::number($row, 'x'), self::number($row, 'y'),
                max(1.0, self::number($row, 'width')), max(1.0, self::number($row, 'height')), self::word($row, 'mediaId'));
        }

        return new Handwork(self::word($stored, 'title'), $moves, self::ids($stored, 'hidden', $today),
            self::ids($stored, 'hiddenBranches', $today), $brought, $notes, $pictures);
    }

    /**
     * @param  array<array-key, mixed>  $stored
     * @return list<array<array-key, mixed>>
     */
    private static function rows(array $stored, string $name): array
    {
        return array_values(array_filter(is_array($stored[$name] ?? null) ? $stored[$name] : [], is_array(...)));
    }

    /**
     * @param  array<array-key, mixed>  $stored
     * @param  \Closure(string): string  $today
     * @return list<string>
     */
    private static function ids(array $stored, string $name, \Closure $today): array
    {
        $ids = array_filter(is_array($stored[$name] ?? null) ? $stored[$name] : [], is_string(...));

        return array_values(array_unique(array_map($today, $ids)));
    }

    /** @param  array<array-key, mixed>  $row */
    private static function word(array $row, string $name): string
    {
        return is_string($row[$name] ?? null) ? $row[$name] : '';
    }

    /** @param  array<array-key, mixed>  $row */
    private static function number(array $row, string $name): float
    {
        $number = is_int($row[$name] ?? null) || is_float($row[$name] ?? null) ? (float) $row[$name] : 0.0;

        return max(-self::FURTHEST, min(self::FURTHEST, is_nan($number) ? 0.0 : $number));
    }
}
